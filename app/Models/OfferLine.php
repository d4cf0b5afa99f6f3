<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use PaperKite\Catalogue\Pick;
use PaperKite\Catalogue\Quantity;
use PaperKite\Offer\OfferItem;

/**
 * @property int $id
 * @property int $shop_id
 * @property int $offer_id
 * @property int $position
 * @property int $product_id
 * @property int|null $variant_id
 * @property int $quantity
 * @property Product $product
 * @property Variant|null $variant
 */
final class OfferLine extends Model
{
    use HasTerms;

    public $timestamps = false;

    /** What it is called, with the choices that were made. */
    public function name(): string
    {
        return $this->variant === null ? $this->product->name : "{$this->product->name}, ".implode(', ', $this->variant->choices);
    }

    /** Whether the shopper has still to say which variant, or how much. */
    public function leavesAChoice(): bool
    {
        return $this->leavesVariantOpen() || $this->leavesAmountOpen();
    }

    public function leavesVariantOpen(): bool
    {
        return $this->product->has_variants && $this->variant_id === null;
    }

    public function leavesAmountOpen(): bool
    {
        return $this->product->kind->isMoneyItself() && $this->amount_minor === null;
    }

    /** With the product's variants as they were read: all of them, or the one that a list needs. */
    public function toCore(): OfferItem
    {
        $product = $this->product->toCore();

        return new OfferItem(new Pick($product, Quantity::of($this->quantity), $this->variant === null ? null : $product->variant($this->variant->sku), $this->termsOf($this->product)));
    }

    /** @return BelongsTo<Product, $this> */
    public function product(): BelongsTo
    {
        // What was deleted since is still what it was.
        $product = $this->belongsTo(Product::class);
        $product->withoutGlobalScope(SoftDeletingScope::class);

        return $product;
    }

    /** @return BelongsTo<Variant, $this> */
    public function variant(): BelongsTo
    {
        return $this->belongsTo(Variant::class);
    }
}
