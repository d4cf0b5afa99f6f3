<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Payment;
use App\Time\Clock;

/** Has an authorisation given back, or an open payment closed, which is known to be wanted until the provider has done it. */
final readonly class GiveBack
{
    public function __construct(private Clock $clock) {}

    public function __invoke(Payment $payment): void
    {
        $payment->update(['void_wanted_at' => $payment->void_wanted_at ?? $this->clock->now()]);
        VoidPayment::dispatch($payment->id);
    }
}
