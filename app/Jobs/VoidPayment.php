<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Payment;
use App\Payments\PaymentProvider;

final class VoidPayment extends ProviderJob
{
    public function handle(PaymentProvider $provider): void
    {
        $provider->void(Payment::query()->findOrFail($this->paymentId));
    }
}
