<?php

declare(strict_types=1);

namespace App\Refunds;

use App\Database\InTransaction;
use App\Fulfilment\TakeBackCards;
use App\Models\Payment;
use App\Models\Refund;
use App\Payments\RefuseEvent;
use App\Time\Clock;
use PaperKite\Payment\RefundState;

/** What the provider has answered about a step of giving money back: noted, and told to the shopper or the seller, once. */
final readonly class SettleRefund
{
    public function __construct(
        private NoteRefund $note,
        private TakeBackCards $takeBackCards,
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
            $payment = $order->payments->first(static fn (Payment $one): bool => $one->id === $locked->payment_id);
            if ($answer === RefundState::Done) {
                ($this->note)($order, $payment, $locked);

                return;
            }
            $locked->update(['state' => $answer, 'answered_at' => $this->clock->now()]);
            $this->takeBackCards->restore($locked->id, $order->id);
            if ($payment !== null) {
                ($this->tell)($payment, "The provider declined to give {$order->money($locked->payment_minor)->shown()} of order {$order->number} back; ask it why. The money counts as not given back, and the shopper was told nothing of it.");
            }
        });
    }
}
