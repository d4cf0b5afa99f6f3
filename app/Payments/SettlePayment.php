<?php

declare(strict_types=1);

namespace App\Payments;

use App\Jobs\CapturePayment;
use App\Jobs\VoidPayment;
use App\Messages\WriteMessage;
use App\Models\Cart;
use App\Models\Payment;
use Illuminate\Support\Facades\DB;

/**
 * Turns what the provider says into what the shop does, once: an order, a refusal, or money given back.
 *
 * Everything is decided in one transaction that locks, in this order: cart, payment, products by id, shop. Whoever
 * else locks two of them keeps to it.
 */
final readonly class SettlePayment
{
    private const TRIES_AFTER_DEADLOCK = 5;

    public function __construct(
        private WriteOrder $writeOrder,
        private WriteMessage $writeMessage,
        private RefuseEvent $refuse,
    ) {}

    public function __invoke(Payment $payment, ProviderStatement $said): Payment
    {
        return DB::transaction(function () use ($payment, $said): Payment {
            Cart::query()->whereKey($payment->cart_id)->lockForUpdate()->first();
            $payment = Payment::query()->whereKey($payment->id)->lockForUpdate()->firstOrFail();

            $differences = $said->terms->differencesFrom($payment->terms());
            if ($differences !== []) {
                ($this->refuse)($payment, 'A message about it does not fit and was not believed. '.implode(' ', $differences));
            } elseif ($said->state->isPaid()) {
                $this->authorised($payment);
            } elseif ($said->state->isRefusal()) {
                $this->declined($payment);
            }

            return $payment;
        }, self::TRIES_AFTER_DEADLOCK);
    }

    /** An order with nothing to pay needs no provider. */
    public function withoutProvider(Payment $payment): Payment
    {
        return DB::transaction(function () use ($payment): Payment {
            Cart::query()->whereKey($payment->cart_id)->lockForUpdate()->first();
            $payment = Payment::query()->whereKey($payment->id)->lockForUpdate()->firstOrFail();
            if ($payment->amount()->isZero() && $payment->state === PaymentState::Open) {
                $this->order($payment);
            }

            return $payment;
        }, self::TRIES_AFTER_DEADLOCK);
    }

    private function authorised(Payment $payment): void
    {
        if ($payment->state === PaymentState::Ordered) {
            return;
        }
        if ($payment->state === PaymentState::Open && $this->order($payment)) {
            CapturePayment::dispatch($payment->id);
        } else {
            VoidPayment::dispatch($payment->id);
        }
    }

    private function order(Payment $payment): bool
    {
        try {
            DB::transaction(fn () => $this->writeMessage->ofOrder(($this->writeOrder)($payment)));
            $payment->state = PaymentState::Ordered;
        } catch (GoodsGone) {
            $payment->state = PaymentState::SoldOut;
        }
        $payment->save();

        return $payment->state === PaymentState::Ordered;
    }

    private function declined(Payment $payment): void
    {
        if ($payment->state === PaymentState::Open) {
            $payment->state = PaymentState::Declined;
            $payment->save();
        }
    }
}
