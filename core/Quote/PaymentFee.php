<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Money\Money;
use PaperKite\Money\Percentage;

/** What the payment provider keeps of a payment. */
final readonly class PaymentFee
{
    public function __construct(
        public Percentage $percent,
        public Money $fixed,
    ) {}

    public function on(Money $paid): Money
    {
        return $paid->isZero() ? $paid : $this->percent->of($paid)->plus($this->fixed);
    }
}
