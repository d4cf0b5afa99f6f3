<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\PriceWatch\WatchPrices;
use Illuminate\Console\Command;

final class PricesWatch extends Command
{
    /** The next one begins a minute later. */
    private const SECONDS = 50.0;

    protected $signature = 'prices:watch';

    protected $description = 'Looks at the pages of partners’ goods that are due, one a second of each host';

    public function handle(WatchPrices $watch): int
    {
        $this->info("{$watch(self::SECONDS)} looked at.");

        return self::SUCCESS;
    }
}
