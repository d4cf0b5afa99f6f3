<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Payment;
use Illuminate\Support\Facades\DB;

/** Keeps what did not go as it should, for the seller to see: one row for each payment and reason, however often it comes. */
final readonly class RefuseEvent
{
    public function __invoke(Payment $payment, string $reason): void
    {
        $reason = mb_strimwidth($reason, 0, 500, '…', 'UTF-8');
        DB::table('refused_events')->upsert(
            [[
                'shop_id' => $payment->shop_id,
                'payment_id' => $payment->id,
                'reason' => $reason,
                'reason_digest' => hash('sha256', $reason),
                'times' => 1,
                'last_at' => now(),
            ]],
            ['payment_id', 'reason_digest'],
            ['times' => DB::raw('times + 1'), 'last_at' => now()],
        );
    }
}
