<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

use PaperKite\Money\Money;

/** How little and how much a shopper may give. */
final readonly class AmountLimits
{
    public function __construct(
        public ?Money $min,
        public ?Money $max,
    ) {}

    /** @return string|null what is wrong with the amount, in a sentence */
    public function objection(Money $amount): ?string
    {
        return match (true) {
            $this->min !== null && $amount->isLessThan($this->min) => "{$amount->shown()} is less than the least amount, which is {$this->min->shown()}; enter more.",
            $this->max !== null && $this->max->isLessThan($amount) => "{$amount->shown()} is more than the largest amount, which is {$this->max->shown()}; enter less.",
            default => null,
        };
    }
}
