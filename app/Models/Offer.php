<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Destination;
use PaperKite\Offer\Offer as CoreOffer;
use PaperKite\Offer\OfferState;
use PaperKite\Quote\Quantity;

/**
 * @property int $id
 * @property int $shop_id
 * @property int $product_id
 * @property int $quantity
 * @property Destination $destination
 * @property CartUse $cart_use
 * @property string|null $caption
 * @property OfferState $state
 * @property Shop $shop
 * @property Product $product
 * @property \Illuminate\Database\Eloquent\Collection<int, Placement> $placements
 */
final class Offer extends Model
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['destination' => Destination::class, 'cart_use' => CartUse::class, 'state' => OfferState::class];
    }

    /** The words on the button. */
    public function caption(): string
    {
        return $this->caption ?? $this->destination->caption();
    }

    /** Whether the click puts the goods into a cart: not where the shopper has still to choose. */
    public function addsAtOnce(): bool
    {
        return $this->destination->addsAtOnce() && ! $this->product->has_variants;
    }

    public function isSoldOut(): bool
    {
        return ! $this->product->has_variants && ! $this->product->stockOnHand()->covers($this->quantity);
    }

    public function toCore(): CoreOffer
    {
        return new CoreOffer(
            $this->product->toCore(),
            Quantity::of($this->quantity),
            $this->destination,
            $this->cart_use,
            $this->caption,
        );
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }

    /** @return BelongsTo<Product, $this> */
    public function product(): BelongsTo
    {
        return $this->belongsTo(Product::class);
    }

    /** @return HasMany<Placement, $this> */
    public function placements(): HasMany
    {
        return $this->hasMany(Placement::class)->orderBy('id');
    }
}
