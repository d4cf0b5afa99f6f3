<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Payment;
use App\Models\PaymentState;
use App\Time\Clock;

final class VoidPayment extends ProviderJob
{
    public function handle(PaymentProvider $provider, RefuseEvent $tell, Clock $clock): void
    {
        $payment = Payment::query()->findOrFail($this->paymentId);
        try {
            $provider->void($payment);
            $payment->state = PaymentState::Voided;
        } catch (ProviderRefused $refused) {
            // The money was taken although it was to be given back: a person has to look into it.
            $tell($payment, $refused->getMessage());
        }
        $payment->update(['voided_at' => $clock->now()]);
    }
}
