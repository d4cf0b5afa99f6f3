<?php

declare(strict_types=1);

namespace App\Refunds;

use App\Database\InTransaction;
use App\Models\Order;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Payments\Captures;
use App\Payments\NoteCapture;
use App\Payments\ProviderJob;
use App\Payments\ProviderRefused;
use App\Payments\ProviderUnreachable;
use App\Time\Clock;
use PaperKite\Order\MoneyState;
use PaperKite\Payment\ProviderState;

/** Lets go what is held for an order that was cancelled; where it was taken in the same moment, it goes back instead. */
final class ReleasePayment extends ProviderJob
{
    public function __construct(public readonly int $paymentId) {}

    public function handle(Captures $provider, NoteCapture $noteCapture, CancelOrder $cancel, InTransaction $inTransaction, Clock $clock): void
    {
        $payment = Payment::query()->findOrFail($this->paymentId);
        $wasTaken = $this->wasTaken($provider, $payment);
        $inTransaction(static function () use ($payment, $wasTaken, $noteCapture, $cancel, $clock): void {
            $order = LockOrder::of(Order::query()->where('checkout_id', $payment->checkout_id)->firstOrFail());
            $locked = $order->payments->firstOrFail(static fn (Payment $one): bool => $one->id === $payment->id);
            if ($locked->voided_at !== null) {
                return;
            }
            $locked->update(['voided_at' => $clock->now()]);
            if ($wasTaken) {
                $noteCapture($locked);
                $cancel->refund(LockOrder::of($order), false, null);
            } else {
                $locked->update(['state' => PaymentState::Voided]);
                $order->update(['money_state' => MoneyState::Voided]);
            }
        });
    }

    /** @throws ProviderUnreachable */
    private function wasTaken(Captures $provider, Payment $payment): bool
    {
        try {
            $said = $provider->void((string) $payment->provider_id, "void-{$payment->reference}");
        } catch (ProviderRefused) {
            return true;
        }
        if (! $said->isAbout($payment->reference, $payment->terms()) || ! ($said->state->isRefusal() || $said->state === ProviderState::Captured)) {
            throw ProviderUnreachable::saidSomethingElse('void', $said);
        }

        return $said->state === ProviderState::Captured;
    }
}
