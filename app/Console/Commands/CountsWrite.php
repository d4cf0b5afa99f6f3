<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Results\WriteSpooled;
use Illuminate\Console\Command;

final class CountsWrite extends Command
{
    protected $signature = 'counts:write';

    protected $description = 'Writes what widgets have counted into the database';

    public function handle(WriteSpooled $write): int
    {
        $lines = $write();
        $this->info("{$lines} lines written.");

        return self::SUCCESS;
    }
}
