<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Refund;
use PaperKite\Payment\RefundState;

/** An order as whoever packs it needs it: pieces that were given back are not in the parcel. */
final readonly class PackingSlip
{
    /** @param  list<array{line: OrderLine, pieces: int}>  $lines */
    private function __construct(
        public Order $order,
        public array $lines,
    ) {}

    /** @param  Order  $order  with its lines, and its refunds with theirs */
    public static function of(Order $order): self
    {
        $back = [];
        foreach ($order->refunds->filter(static fn (Refund $refund): bool => $refund->state !== RefundState::Declined) as $refund) {
            foreach ($refund->lines as $line) {
                $back[$line->order_line_id ?? 0] = ($back[$line->order_line_id ?? 0] ?? 0) + $line->pieces;
            }
        }
        $lines = $order->lines->map(static fn (OrderLine $line): array => ['line' => $line, 'pieces' => $line->quantity - ($back[$line->id] ?? 0)])->all();

        return new self($order, array_values(array_filter($lines, static fn (array $line): bool => $line['pieces'] > 0)));
    }
}
