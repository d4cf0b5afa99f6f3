<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Results\WriteSpooled;
use App\Time\MachineClock;
use Illuminate\Console\Command;

final class CountsWrite extends Command
{
    protected $signature = 'counts:write {--for=0 : seconds for which it goes on, once a second}';

    protected $description = 'Writes into the database what clicks and widgets have counted';

    public function handle(WriteSpooled $write, MachineClock $clock): int
    {
        $until = $clock->seconds() + (int) $this->option('for');
        $lines = $write();
        while ($clock->seconds() < $until) {
            sleep(1);
            $lines += $write();
        }
        $this->info("{$lines} lines written.");

        return self::SUCCESS;
    }
}
