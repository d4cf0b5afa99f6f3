<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Order;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Time\Clock;

final class CapturePayment extends ProviderJob
{
    public function handle(PaymentProvider $provider, RefuseEvent $tell, Clock $clock): void
    {
        $payment = Payment::query()->findOrFail($this->paymentId);
        try {
            $provider->capture($payment);
        } catch (ProviderRefused $refused) {
            // An answer, though not the one hoped for: the order stands unpaid until the seller has looked into it.
            $tell($payment, $refused->getMessage());

            return;
        }
        $now = $clock->now();
        Payment::query()->whereKey($payment->id)->where('state', PaymentState::Authorised)->update(['state' => PaymentState::Captured, 'captured_minor' => $payment->amount_minor, 'captured_at' => $now]);
        Order::query()->where('checkout_id', $payment->checkout_id)->whereNull('captured_at')->update(['captured_at' => $now]);
    }
}
