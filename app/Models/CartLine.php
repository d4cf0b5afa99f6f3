<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use PaperKite\Quote\CartLine as QuoteLine;
use PaperKite\Quote\Quantity;

/**
 * @property int $id
 * @property int $cart_id
 * @property int $product_id
 * @property int $quantity
 * @property int|null $placement_id
 * @property Product $product
 */
final class CartLine extends Model
{
    public $timestamps = false;

    /** @var list<string> a line is nothing without its product */
    protected $with = ['product'];

    public function toCore(): QuoteLine
    {
        return new QuoteLine($this->product->toCore(), Quantity::of($this->quantity));
    }

    /** @return BelongsTo<Product, $this> */
    public function product(): BelongsTo
    {
        return $this->belongsTo(Product::class);
    }
}
