<?php

declare(strict_types=1);

namespace App\Payments;

use App\Database\InTransaction;
use App\Fulfilment\GoodsGone;
use App\Messages\WriteMessage;
use App\Models\Cart;
use App\Models\Checkout;
use App\Models\CheckoutState;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Orders\WriteOrder;
use Closure;
use PaperKite\Payment\ProviderState;
use PaperKite\Payment\ProviderStatement;

/**
 * Turns what the provider says into what the shop does, once: an order, a refusal, or money given back.
 *
 * Everything is decided in one transaction that locks, in this order: cart, checkout, payment, products and variants by id,
 * coupon, gift cards by id, the series of numbers. Whoever else locks two of them keeps to it.
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
        return $this->locked($payment, function (Payment $payment, Checkout $checkout) use ($said): void {
            $differences = $said->terms->differencesFrom($payment->terms());
            match (true) {
                $differences !== [] => ($this->refuse)($payment, 'A message about it does not fit and was not believed. '.implode(' ', $differences)),
                $said->state->isPaid() => $this->authorised($payment, $checkout),
                $said->state->isRefusal() => $this->declined($payment),
                $said->state === ProviderState::Unknown => ($this->refuse)($payment, "The provider says that it is “{$said->stateText}”, which Paper Kite does not know; nothing was changed. Look at the payment at the provider."),
                default => null,
            };
        });
    }

    /** A checkout with nothing to pay needs no provider. */
    public function withoutProvider(Checkout $checkout): void
    {
        ($this->inTransaction)(function () use ($checkout): void {
            $locked = $this->lockedCheckout($checkout->id, $checkout->cart_id);
            if ($locked->state === CheckoutState::Open && $locked->bill->dueNow() === 0) {
                $this->order($locked);
            }
        });
    }

    /** Nobody has decided for a day, or the provider knows nothing of it: it ends unpaid, and what may still be held is given back. */
    public function abandon(Payment $payment): Payment
    {
        return $this->locked($payment, function (Payment $payment, Checkout $checkout): void {
            if ($checkout->state === CheckoutState::Open) {
                $checkout->update(['state' => CheckoutState::Abandoned]);
                if ($payment->provider_id !== null) {
                    ($this->giveBack)($payment);
                }
            }
        });
    }

    /** @param  Closure(Payment, Checkout): void  $work */
    private function locked(Payment $payment, Closure $work): Payment
    {
        return ($this->inTransaction)(function () use ($payment, $work): Payment {
            $cart = Checkout::query()->whereKey($payment->checkout_id)->value('cart_id');
            $checkout = $this->lockedCheckout($payment->checkout_id, is_int($cart) ? $cart : null);
            $payment = Payment::query()->whereKey($payment->id)->lockForUpdate()->firstOrFail();
            $work($payment, $checkout);

            return $payment->setRelation('checkout', $checkout);
        });
    }

    private function lockedCheckout(int $id, ?int $cartId): Checkout
    {
        Cart::query()->whereKey($cartId)->lockForUpdate()->first();

        return Checkout::query()->whereKey($id)->lockForUpdate()->firstOrFail();
    }

    private function authorised(Payment $payment, Checkout $checkout): void
    {
        if (in_array($payment->state, [PaymentState::Authorised, PaymentState::Captured], true)) {
            return;
        }
        // Whoever was told that nothing was paid has gone, or tries again.
        $isExpected = $payment->state === PaymentState::Open && $checkout->state === CheckoutState::Open;
        $payment->update(['state' => PaymentState::Authorised]);
        if ($isExpected && $this->order($checkout)) {
            CapturePayment::dispatch($payment->id);
        } else {
            ($this->giveBack)($payment);
        }
    }

    private function declined(Payment $payment): void
    {
        if ($payment->state === PaymentState::Open) {
            $payment->update(['state' => PaymentState::Declined]);
        }
    }

    private function order(Checkout $checkout): bool
    {
        try {
            ($this->inTransaction)(fn () => $this->writeMessage->ofOrder(($this->writeOrder)($checkout)));
            $checkout->state = CheckoutState::Ordered;
        } catch (GoodsGone $gone) {
            $checkout->state = $gone->becomes;
        }
        $checkout->save();

        return $checkout->state === CheckoutState::Ordered;
    }
}
