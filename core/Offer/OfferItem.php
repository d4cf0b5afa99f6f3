<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Catalogue\Product;
use PaperKite\Catalogue\Variant;
use PaperKite\Quote\CartLine;
use PaperKite\Quote\Quantity;

/** One of the goods in an offer. */
final readonly class OfferItem
{
    public function __construct(
        public Product $product,
        /** `null` where the product has none, or where the shopper says which. */
        public ?Variant $variant,
        /** What one click adds. */
        public Quantity $quantity,
    ) {}

    /** Whether the shopper has still to say which variant. */
    public function leavesAChoice(): bool
    {
        return $this->variant === null && $this->product->variants !== [];
    }

    /** In the variant that was chosen, else in the first. */
    public function line(): CartLine
    {
        return new CartLine($this->product, $this->quantity, $this->variant ?? $this->product->variants[0] ?? null);
    }

    /** Whether nothing that this may mean has enough left. */
    public function isSoldOut(): bool
    {
        foreach ($this->leavesAChoice() ? $this->product->variants : [$this->variant] as $variant) {
            if ($this->product->stockOf($variant)->covers($this->quantity->pieces)) {
                return false;
            }
        }

        return true;
    }

    /** The choices that tell the variant: "Large, Clover". */
    public function choices(): string
    {
        return implode(', ', $this->variant->choices ?? []);
    }
}
