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
    public function __construct(private Clock $clock) {}

    /**
     * @param  Order  $order  locked
     *
     * @throws RefundChanged
     */
    public function __invoke(Order $order, GivenBack $step, RefundRequested $asked): Refund
    {
        $payment = $order->payments->first(static fn (Payment $payment): bool => $payment->state === PaymentState::Captured) ?? throw RefundChanged::notPaid();
        $refund = Refund::query()->create([
            'order_id' => $order->id,
            'payment_id' => $payment->id,
            'act' => $asked->act,
            'state' => RefundState::Pending,
            'amount_minor' => $step->amount->minor,
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
        PayBack::dispatch($refund->id);

        return $refund;
    }
}
