<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Payment;
use App\Models\PaymentState;
use App\Time\Clock;
use PaperKite\Payment\ProviderState;

final class VoidPayment extends ProviderJob
{
    public function __construct(public readonly int $paymentId) {}

    public function handle(Captures $provider, RefuseEvent $tell, Clock $clock): void
    {
        $payment = Payment::query()->findOrFail($this->paymentId);
        try {
            $this->void($provider, $payment);
            $payment->state = PaymentState::Voided;
        } catch (ProviderRefused $refused) {
            // The money was taken although it was to be given back: a person has to look into it.
            $tell($payment, $refused->getMessage());
        }
        $payment->update(['voided_at' => $clock->now()]);
    }

    /**
     * @throws ProviderUnreachable
     * @throws ProviderRefused
     */
    private function void(Captures $provider, Payment $payment): void
    {
        $said = $provider->void((string) $payment->provider_id, "void-{$payment->reference}");
        if (! $said->isAbout($payment->reference, $payment->terms()) || ! ($said->state->isRefusal() || $said->state === ProviderState::Captured)) {
            throw ProviderUnreachable::saidSomethingElse('void', $said);
        }
        if ($said->state === ProviderState::Captured) {
            throw ProviderRefused::to('void');
        }
    }
}
