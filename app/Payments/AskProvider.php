<?php

declare(strict_types=1);

namespace App\Payments;

use App\Database\Busy;
use App\Models\Payment;
use App\Models\PaymentState;

/** The shop's own question to the provider, where its event has not come yet, or never will. */
final readonly class AskProvider
{
    public function __construct(
        private PaymentProvider $provider,
        private SettlePayment $settle,
    ) {}

    /** @return Payment as it stands after the answer, or as it stood where there was none */
    public function __invoke(Payment $payment): Payment
    {
        return $this->orNull($payment) ?? $payment;
    }

    /** @return Payment|null as it stands after the answer; `null` where there was none */
    public function orNull(Payment $payment): ?Payment
    {
        if ($payment->state !== PaymentState::Open || $payment->provider_id === null) {
            return $payment;
        }
        try {
            return ($this->settle)($payment, $this->provider->find($payment->provider_id));
        } catch (PaymentGone) {
            return $this->settle->abandon($payment);
        } catch (ProviderUnreachable|Busy $later) {
            report($later);

            return null;
        }
    }
}
