<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Order;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Time\Clock;
use PaperKite\Payment\ProviderState;

final class CapturePayment extends ProviderJob
{
    public function handle(Captures $provider, RefuseEvent $tell, Clock $clock): void
    {
        $payment = Payment::query()->findOrFail($this->paymentId);
        try {
            $said = $provider->capture((string) $payment->provider_id, $payment->amount(), "capture-{$payment->reference}");
        } catch (ProviderRefused $refused) {
            // An answer, though not the one hoped for: the order stands unpaid until the seller has looked into it.
            $tell($payment, $refused->getMessage());

            return;
        }
        // An answer is believed when it says what was asked, of this payment, in this amount; else it is asked again.
        if ($said->state !== ProviderState::Captured || ! $said->isAbout($payment->reference, $payment->terms()) || ! $said->captured->equals($payment->amount())) {
            throw ProviderUnreachable::saidSomethingElse('capture', $said);
        }
        $now = $clock->now();
        Payment::query()->whereKey($payment->id)->where('state', PaymentState::Authorised)->update(['state' => PaymentState::Captured, 'captured_minor' => $payment->amount_minor, 'captured_at' => $now]);
        Order::query()->where('checkout_id', $payment->checkout_id)->whereNull('captured_at')->update(['captured_at' => $now]);
    }
}
