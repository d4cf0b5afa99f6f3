<?php

declare(strict_types=1);

namespace App\Refunds;

use App\Models\Order;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Refund;
use App\Time\Clock;
use PaperKite\Payment\RefundState;
use PaperKite\Refund\GivenBack;

/** Writes down what is given back, and has the provider asked for it. Runs inside the transaction that has locked the order. */
final readonly class WriteRefund
{
    public function __construct(
        private Clock $clock,
        private NoteRefund $note,
    ) {}

    /** @param  Order  $order  locked */
    public function __invoke(Order $order, GivenBack $step, RefundRequested $asked): Refund
    {
        $payment = $order->payments->first(static fn (Payment $payment): bool => $payment->state === PaymentState::Captured);
        // What the provider took goes back first, then what cards have paid.
        $byProvider = min($step->amount->minor, ReadBalance::leftAtProvider($order));
        $refund = Refund::query()->create([
            'order_id' => $order->id,
            'payment_id' => $byProvider > 0 ? $payment?->id : null,
            'act' => $asked->act,
            'state' => RefundState::Pending,
            'amount_minor' => $step->amount->minor,
            'payment_minor' => $byProvider,
            'tax_minor' => $step->tax->minor,
            'reason' => $asked->reason,
            'is_restocked' => $asked->isRestocked,
            'person_id' => $asked->person?->id,
            'asked_at' => $this->clock->now(),
        ]);
        foreach ($step->lines as $line => $share) {
            $refund->lines()->create(['order_line_id' => $line] + ReadBalance::columns($share));
        }
        if ($step->shipping !== null) {
            $refund->lines()->create(['order_line_id' => null] + ReadBalance::columns($step->shipping));
        }
        if ($byProvider > 0) {
            PayBack::dispatch($refund->id);
        } else {
            ($this->note)($order, null, $refund);
        }

        return $refund;
    }
}
