<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Catalogue\Availability;
use PaperKite\Catalogue\Pick;

/** One of the goods in an offer. */
final readonly class OfferItem
{
    public function __construct(
        /** What one click adds; without a variant where the product has none, or where the shopper says which. */
        public Pick $pick,
    ) {}

    /** Whether the shopper has still to say which variant, or how much. */
    public function leavesAChoice(): bool
    {
        return $this->leavesVariantOpen() || $this->leavesAmountOpen();
    }

    public function leavesVariantOpen(): bool
    {
        return $this->pick->variant === null && $this->pick->product->variants !== [];
    }

    public function leavesAmountOpen(): bool
    {
        return $this->pick->product->kind->isMoneyItself() && $this->pick->terms->amount === null;
    }

    /** In the variant that was chosen, else in the first. */
    public function typicalPick(): Pick
    {
        return $this->leavesVariantOpen() ? $this->pick->in($this->pick->product->variants[0]) : $this->pick;
    }

    /** Whether nothing that this may mean has enough left. */
    public function isSoldOut(): bool
    {
        foreach ($this->leavesVariantOpen() ? $this->pick->product->variants : [$this->pick->variant] as $variant) {
            if (in_array($this->pick->in($variant)->availability(), [Availability::ForSale, Availability::Draft], true)) {
                return false;
            }
        }

        return true;
    }

    /** The choices that tell the variant: "Large, Clover". */
    public function choices(): string
    {
        return implode(', ', $this->pick->variant->choices ?? []);
    }
}
