<?php

declare(strict_types=1);

namespace App\Refunds;

use App\Database\InTransaction;
use App\Messages\WriteMessage;
use App\Models\Order;
use App\Models\Payment;
use App\Models\Refund;
use App\Payments\RefuseEvent;
use App\Time\Clock;
use PaperKite\Order\MoneyState;
use PaperKite\Payment\RefundState;

/** What the provider has answered about a step of giving money back: noted, and told to the shopper or the seller, once. */
final readonly class SettleRefund
{
    public function __construct(
        private WriteMessage $writeMessage,
        private RefuseEvent $tell,
        private InTransaction $inTransaction,
        private Clock $clock,
    ) {}

    public function __invoke(Refund $refund, RefundState $answer): void
    {
        ($this->inTransaction)(function () use ($refund, $answer): void {
            $order = LockOrder::of($refund->order);
            $locked = $order->refunds->first(static fn (Refund $one): bool => $one->id === $refund->id);
            if ($locked === null || $locked->state !== RefundState::Pending) {
                return;
            }
            $locked->update(['state' => $answer, 'answered_at' => $this->clock->now()]);
            $payment = $order->payments->first(static fn (Payment $one): bool => $one->id === $locked->payment_id);
            if ($payment !== null && $answer === RefundState::Done) {
                $this->done($order, $payment, $locked);
            } elseif ($payment !== null) {
                ($this->tell)($payment, "The provider declined to give {$order->money($locked->amount_minor)->shown()} of order {$order->number} back; ask it why. The money counts as not given back, and the shopper was told nothing of it.");
            }
        });
    }

    private function done(Order $order, Payment $payment, Refund $refund): void
    {
        $payment->update(['refunded_minor' => $payment->refunded_minor + $refund->amount_minor]);
        $isAll = $order->payments->sum(static fn (Payment $one): int => $one->captured_minor - $one->refunded_minor) === 0;
        $order->update(['money_state' => $isAll ? MoneyState::Refunded : MoneyState::PartlyRefunded]);
        $this->writeMessage->ofRefund($order, $refund);
    }
}
