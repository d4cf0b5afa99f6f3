<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use PaperKite\Link\PlacementCode;
use PaperKite\Link\PlacementLink;

/**
 * @property int $id
 * @property int $shop_id
 * @property int $offer_id
 * @property string $code
 * @property string $page
 * @property Shop $shop
 * @property Offer $offer
 */
final class Placement extends Model
{
    public function link(Shop $shop): PlacementLink
    {
        return new PlacementLink($shop->base(), PlacementCode::read($this->code) ?? throw new \LogicException("Placement {$this->id} has no readable code."));
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }

    /** @return BelongsTo<Offer, $this> */
    public function offer(): BelongsTo
    {
        return $this->belongsTo(Offer::class);
    }
}
