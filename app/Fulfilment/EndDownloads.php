<?php

declare(strict_types=1);

namespace App\Fulfilment;

use App\Models\Download;
use App\Models\Order;
use App\Time\Clock;

/** Ends the links of lines that were given back. Runs inside the transaction that has locked the order. */
final readonly class EndDownloads
{
    public function __construct(private Clock $clock) {}

    /** @param  list<int>  $lines  ids of those of which nothing is left */
    public function __invoke(Order $order, array $lines): void
    {
        Download::query()->where('order_id', $order->id)->whereIn('order_line_id', $lines)->whereNull('stopped_at')->update(['stopped_at' => $this->clock->now()]);
    }
}
