<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

use PaperKite\Money\Money;
use PaperKite\Words\Phrase;
use PaperKite\Words\Said;

/** How little and how much a shopper may give. */
final readonly class AmountLimits
{
    public function __construct(
        public ?Money $min,
        public ?Money $max,
    ) {}

    /** @return Said|null what is wrong with the amount */
    public function objection(Money $amount): ?Said
    {
        return match (true) {
            $this->min !== null && $amount->isLessThan($this->min) => Said::of(Phrase::AmountTooSmall, amount: $amount, least: $this->min),
            $this->max !== null && $this->max->isLessThan($amount) => Said::of(Phrase::AmountTooLarge, amount: $amount, most: $this->max),
            default => null,
        };
    }
}
