<?php

declare(strict_types=1);

namespace PaperKite\Refund;

use PaperKite\Money\Money;

/** What a seller wants to give back: goods and shipping, or an amount for which nothing comes back. */
final readonly class Wish
{
    /** @param  array<int, int>  $pieces  by the id of the line */
    private function __construct(
        public array $pieces,
        public ?Money $shipping,
        public ?Money $amount,
    ) {}

    /**
     * @param  array<int, int>  $pieces  by the id of the line
     * @param  Money  $shipping  of what was paid for it
     */
    public static function goods(array $pieces, Money $shipping): self
    {
        return new self(array_filter($pieces, static fn (int $pieces): bool => $pieces !== 0), $shipping, null);
    }

    public static function amount(Money $amount): self
    {
        return new self([], null, $amount);
    }
}
