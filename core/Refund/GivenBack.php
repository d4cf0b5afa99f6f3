<?php

declare(strict_types=1);

namespace PaperKite\Refund;

use PaperKite\Money\Money;

/** One step of giving money back: of which lines how much, and of shipping. */
final readonly class GivenBack
{
    public Money $amount;

    public Money $tax;

    /**
     * @param  array<int, Share>  $lines  by the id of the line; those of which nothing is given back are not in it
     * @param  Share|null  $shipping  `null` where nothing of it is given back
     */
    public function __construct(
        public array $lines,
        public ?Share $shipping,
        Money $nothing,
    ) {
        $shares = [...array_values($lines), ...($shipping === null ? [] : [$shipping])];
        $this->amount = Money::sum(array_map(static fn (Share $share): Money => $share->portion->amount, $shares), $nothing->currency);
        $this->tax = Money::sum(array_map(static fn (Share $share): Money => $share->portion->tax, $shares), $nothing->currency);
    }
}
