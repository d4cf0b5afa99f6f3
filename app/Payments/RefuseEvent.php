<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Payment;
use App\Time\Clock;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Expression;

/** Keeps what did not go as it should, for the seller to see: one row for each payment and reason, however often it comes. */
final readonly class RefuseEvent
{
    public function __construct(
        private ConnectionInterface $db,
        private Clock $clock,
    ) {}

    public function __invoke(Payment $payment, string $reason): void
    {
        $reason = mb_strimwidth($reason, 0, 500, '…', 'UTF-8');
        $this->db->table('refused_events')->upsert(
            [[
                'shop_id' => $payment->shop_id,
                'payment_id' => $payment->id,
                'reason' => $reason,
                'reason_digest' => hash('sha256', $reason),
                'times' => 1,
                'last_at' => $this->clock->now(),
            ]],
            ['payment_id', 'reason_digest'],
            ['times' => new Expression('times + 1'), 'last_at' => $this->clock->now()],
        );
    }
}
