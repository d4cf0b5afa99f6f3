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
        /** @var list<Money>|null the only ones that can be had; `null`: any between */
        public ?array $only = null,
    ) {}

    /** @return Said|null what is wrong with the amount */
    public function objection(Money $amount): ?Said
    {
        return match (true) {
            $this->min !== null && $amount->isLessThan($this->min) => Said::of(Phrase::AmountTooSmall, amount: $amount, least: $this->min),
            $this->only !== null && array_filter($this->only, static fn (Money $one): bool => $one->equals($amount)) === [] => Said::of(Phrase::AmountNotOffered, amount: $amount, amounts: implode(', ', array_map(static fn (Money $one): string => $one->shown(), $this->only))),
            $this->max !== null && $this->max->isLessThan($amount) => Said::of(Phrase::AmountTooLarge, amount: $amount, most: $this->max),
            default => null,
        };
    }
}
