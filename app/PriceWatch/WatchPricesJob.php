<?php

declare(strict_types=1);

namespace App\PriceWatch;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Looks at what a seller wants looked at now, without waiting for the next minute. */
final class WatchPricesJob implements ShouldQueue
{
    use Queueable;

    private const SECONDS = 15.0;

    public int $tries = 1;

    public function __construct()
    {
        $this->onQueue('copies');
    }

    public function handle(WatchPrices $watch): void
    {
        $watch(self::SECONDS);
    }
}
