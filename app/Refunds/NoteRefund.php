<?php

declare(strict_types=1);

namespace App\Refunds;

use App\Fulfilment\ReturnToCards;
use App\Messages\WriteMessage;
use App\Models\Order;
use App\Models\Payment;
use App\Models\Refund;
use App\Time\Clock;
use PaperKite\Order\MoneyState;
use PaperKite\Payment\RefundState;

/** A step of giving money back is done: noted, what cards have paid is on them again, and the shopper is told. Runs inside the transaction that has locked the order. */
final readonly class NoteRefund
{
    public function __construct(
        private ReturnToCards $returnToCards,
        private WriteMessage $writeMessage,
        private Clock $clock,
    ) {}

    /** @param  Payment|null  $payment  of whose money some went back; `null` where all of it goes back to cards */
    public function __invoke(Order $order, ?Payment $payment, Refund $refund): void
    {
        $refund->update(['state' => RefundState::Done, 'answered_at' => $this->clock->now()]);
        $payment?->update(['refunded_minor' => $payment->refunded_minor + $refund->payment_minor]);
        ($this->returnToCards)($order, $refund->amount_minor - $refund->payment_minor, $refund->id);
        $order->load('cardMovements');
        $isAll = $order->payments->sum(static fn (Payment $one): int => $one->captured_minor - $one->refunded_minor) === 0 && array_sum($order->paidByCards()) === 0;
        $order->update(['money_state' => $isAll ? MoneyState::Refunded : MoneyState::PartlyRefunded]);
        $this->writeMessage->ofRefund($order, $refund->load('lines'));
    }
}
