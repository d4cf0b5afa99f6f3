<?php

declare(strict_types=1);

namespace App\Payments;

use App\Database\InTransaction;
use App\Models\Order;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Time\Clock;
use PaperKite\Order\MoneyState;

/** Notes that the money of a payment, and so of its order, was taken; noted already, nothing changes. */
final readonly class NoteCapture
{
    public function __construct(
        private InTransaction $inTransaction,
        private Clock $clock,
    ) {}

    public function __invoke(Payment $payment): void
    {
        $now = $this->clock->now();
        Payment::query()->whereKey($payment->id)->where('state', PaymentState::Authorised)->update(['state' => PaymentState::Captured, 'captured_minor' => $payment->amount_minor, 'captured_at' => $now]);
        ($this->inTransaction)(static fn (): bool => Order::query()->where('checkout_id', $payment->checkout_id)->whereNull('captured_at')->lockForUpdate()->first()?->update(['captured_at' => $now, 'money_state' => MoneyState::Paid]) ?? false);
    }
}
