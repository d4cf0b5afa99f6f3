<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Payment;
use App\Models\PaymentState;

/** Asks about a payment of which nothing was heard, and gives it up once it has been open for a day. */
final readonly class AskAgain
{
    /** By how often it was asked about already: how old a payment is when it is next. */
    public const AFTER_MINUTES = [10, 60, 24 * 60];

    public function __construct(
        private AskProvider $ask,
        private SettlePayment $settle,
    ) {}

    public function __invoke(Payment $payment): Payment
    {
        $isLast = $payment->asks === count(self::AFTER_MINUTES) - 1;
        $asked = $this->ask->orNull($payment);
        // What the provider did not answer is asked again a minute later.
        if ($asked === null || $asked->state !== PaymentState::Open) {
            return $asked ?? $payment;
        }
        $asked->update(['asks' => $payment->asks + 1]);

        return $isLast ? $this->settle->abandon($asked) : $asked;
    }
}
