<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Payment;
use PaperKite\Payment\ProviderState;

final class CapturePayment extends ProviderJob
{
    public function __construct(public readonly int $paymentId) {}

    public function handle(Captures $provider, RefuseEvent $tell, NoteCapture $noteCapture): void
    {
        $payment = Payment::query()->findOrFail($this->paymentId);
        if ($payment->void_wanted_at !== null) {
            return;
        }
        try {
            $said = $provider->capture((string) $payment->provider_id, $payment->amount(), "capture-{$payment->reference}");
        } catch (ProviderRefused $refused) {
            // An answer, though not the one hoped for: the order stands unpaid until the seller has looked into it. Where it was cancelled meanwhile, it is the right one.
            if ($payment->refresh()->void_wanted_at === null) {
                $tell($payment, $refused->getMessage());
            }

            return;
        }
        // An answer is believed when it says what was asked, of this payment, in this amount; else it is asked again.
        if ($said->state !== ProviderState::Captured || ! $said->isAbout($payment->reference, $payment->terms()) || ! $said->captured->equals($payment->amount())) {
            throw ProviderUnreachable::saidSomethingElse('capture', $said);
        }
        $noteCapture($payment);
    }
}
