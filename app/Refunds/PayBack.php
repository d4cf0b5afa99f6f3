<?php

declare(strict_types=1);

namespace App\Refunds;

use App\Models\Refund;
use App\Payments\GivesBack;
use App\Payments\ProviderJob;
use LogicException;
use PaperKite\Payment\RefundState;

/** Asks the provider to give back one step, under one key however often it is asked, until it has done so or declined. */
final class PayBack extends ProviderJob
{
    public function __construct(public readonly int $refundId) {}

    public function handle(GivesBack $provider, SettleRefund $settle): void
    {
        $refund = Refund::query()->with(['payment', 'order'])->findOrFail($this->refundId);
        if ($refund->state !== RefundState::Pending) {
            return;
        }
        $payment = $refund->payment ?? throw new LogicException('A refund that waits for the provider is of a payment.');
        $answer = $provider->refund((string) $payment->provider_id, $refund->order->money($refund->payment_minor), $refund->key());
        if ($answer === RefundState::Pending) {
            $this->release($this->backoff()[min($this->attempts(), count($this->backoff())) - 1] ?? 1);

            return;
        }
        $settle($refund, $answer);
    }
}
