<?php

declare(strict_types=1);

namespace App\Payments;

use App\Database\InTransaction;
use App\Messages\WriteMessage;
use App\Models\Cart;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Orders\GoodsGone;
use App\Orders\WriteOrder;
use Closure;

/**
 * Turns what the provider says into what the shop does, once: an order, a refusal, or money given back.
 *
 * Everything is decided in one transaction that locks, in this order: cart, payment, products and variants by id,
 * coupon, the series of numbers. Whoever else locks two of them keeps to it.
 */
final readonly class SettlePayment
{
    public function __construct(
        private WriteOrder $writeOrder,
        private WriteMessage $writeMessage,
        private RefuseEvent $refuse,
        private GiveBack $giveBack,
        private InTransaction $inTransaction,
    ) {}

    public function __invoke(Payment $payment, ProviderStatement $said): Payment
    {
        return $this->locked($payment, function (Payment $payment) use ($said): void {
            $differences = $said->terms->differencesFrom($payment->terms());
            match (true) {
                $differences !== [] => ($this->refuse)($payment, 'A message about it does not fit and was not believed. '.implode(' ', $differences)),
                $said->state->isPaid() => $this->authorised($payment),
                $said->state->isRefusal() => $this->become($payment, PaymentState::Declined),
                $said->state === ProviderState::Unknown => ($this->refuse)($payment, "The provider says that it is “{$said->stateText}”, which Paper Kite does not know; nothing was changed. Look at the payment at the provider."),
                default => null,
            };
        });
    }

    /** An order with nothing to pay needs no provider. */
    public function withoutProvider(Payment $payment): Payment
    {
        return $this->locked($payment, function (Payment $payment): void {
            if ($payment->amount()->isZero() && $payment->state === PaymentState::Open) {
                $this->order($payment);
            }
        });
    }

    /** Nobody has decided for a day, or the provider knows nothing of it: it ends unpaid, and what may still be held is given back. */
    public function abandon(Payment $payment): Payment
    {
        return $this->locked($payment, function (Payment $payment): void {
            if ($this->become($payment, PaymentState::Abandoned) && $payment->provider_id !== null) {
                ($this->giveBack)($payment);
            }
        });
    }

    /** @param  Closure(Payment): void  $work */
    private function locked(Payment $payment, Closure $work): Payment
    {
        return ($this->inTransaction)(function () use ($payment, $work): Payment {
            Cart::query()->whereKey($payment->cart_id)->lockForUpdate()->first();
            $payment = Payment::query()->whereKey($payment->id)->lockForUpdate()->firstOrFail();
            $work($payment);

            return $payment;
        });
    }

    private function authorised(Payment $payment): void
    {
        if ($payment->state === PaymentState::Ordered) {
            return;
        }
        if ($payment->state === PaymentState::Open && $this->order($payment)) {
            CapturePayment::dispatch($payment->id);
        } else {
            ($this->giveBack)($payment);
        }
    }

    private function order(Payment $payment): bool
    {
        try {
            ($this->inTransaction)(fn () => $this->writeMessage->ofOrder(($this->writeOrder)($payment)));
            $payment->state = PaymentState::Ordered;
        } catch (GoodsGone) {
            $payment->state = PaymentState::SoldOut;
        }
        $payment->save();

        return $payment->state === PaymentState::Ordered;
    }

    private function become(Payment $payment, PaymentState $end): bool
    {
        $wasOpen = $payment->state === PaymentState::Open;
        if ($wasOpen) {
            $payment->update(['state' => $end]);
        }

        return $wasOpen;
    }
}
