<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Money\Money;
use PaperKite\Time\Day;

final readonly class LaterPayment
{
    public function __construct(
        public Day $on,
        public Money $amount,
    ) {}

    /**
     * Amounts that fall on one day become one; nothing to pay is no payment.
     *
     * @param  list<self>  $payments
     * @return list<self> by day
     */
    public static function merged(array $payments): array
    {
        $byDay = [];
        foreach ($payments as $payment) {
            $number = $payment->on->number();
            $byDay[$number] = isset($byDay[$number]) ? new self($payment->on, $byDay[$number]->amount->plus($payment->amount)) : $payment;
        }
        ksort($byDay);

        return array_values(array_filter($byDay, static fn (self $payment): bool => ! $payment->amount->isZero()));
    }
}
