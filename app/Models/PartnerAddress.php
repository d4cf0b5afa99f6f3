<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\TargetCast;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Partner\OutgoingAddress;
use PaperKite\Partner\Target;
use PaperKite\Partner\Token;

/**
 * Where a product is to be had at one marketplace.
 *
 * @property int $id
 * @property int $shop_id
 * @property int $product_id
 * @property int $marketplace_id
 * @property int $position
 * @property Target $target
 * @property bool|null $is_fallback
 * @property int|null $price_minor
 * @property CarbonImmutable|null $priced_on
 * @property Marketplace $marketplace
 */
final class PartnerAddress extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['target' => TargetCast::class, 'is_fallback' => 'boolean', 'priced_on' => 'immutable_date'];
    }

    /** Where a click leads; made of what the seller stored, and of nothing that came with the click. */
    public function outgoing(?Token $subId): string
    {
        return OutgoingAddress::of($this->marketplace->toCore(), $this->target, $subId);
    }

    /** As it was seen there; `null` where the seller shows none. */
    public function price(): ?Money
    {
        return $this->price_minor === null ? null : Money::ofMinor($this->price_minor, Currency::of($this->marketplace->currency));
    }

    /** @return BelongsTo<Marketplace, $this> */
    public function marketplace(): BelongsTo
    {
        return $this->belongsTo(Marketplace::class);
    }
}
