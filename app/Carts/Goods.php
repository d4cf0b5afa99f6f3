<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Product;
use App\Models\Variant;
use PaperKite\Catalogue\Availability;
use PaperKite\Catalogue\Terms;

/** What is put into a cart at once: a pick, as the tables know it. */
final readonly class Goods
{
    public Terms $terms;

    public function __construct(
        public Product $product,
        /** `null` where the product has none to choose from. */
        public ?Variant $variant,
        public int $quantity,
        /** `null`: once. */
        ?Terms $terms = null,
    ) {
        $this->terms = $terms ?? Terms::once();
    }

    /** Whether the shopper has still to say which, or how much. */
    public function isToBeChosen(): bool
    {
        return ($this->product->has_variants && $this->variant === null) || ($this->product->kind->isMoneyItself() && $this->terms->amount === null);
    }

    public function availability(): Availability
    {
        return Availability::of($this->product->is_draft, $this->product->stockFor($this->variant), $this->quantity);
    }

    public function added(): AddedGoods
    {
        return new AddedGoods($this->product->id, $this->variant?->id, $this->quantity, $this->terms);
    }
}
