<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Order;
use App\Models\Payment;
use App\Payments\PaymentProvider;

final class CapturePayment extends ProviderJob
{
    public function handle(PaymentProvider $provider): void
    {
        $provider->capture(Payment::query()->findOrFail($this->paymentId));
        Order::query()->where('payment_id', $this->paymentId)->whereNull('captured_at')->update(['captured_at' => now()]);
    }
}
