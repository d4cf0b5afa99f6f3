<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Shoppers\TellBack;
use Illuminate\Console\Command;

final class StockTell extends Command
{
    protected $signature = 'stock:tell';

    protected $description = 'Tells those who asked that something is back';

    public function handle(TellBack $tell): int
    {
        $this->info("{$tell()} told.");

        return self::SUCCESS;
    }
}
