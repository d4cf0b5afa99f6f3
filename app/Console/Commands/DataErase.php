<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Erasing\Erase;
use Illuminate\Console\Command;

final class DataErase extends Command
{
    protected $signature = 'data:erase';

    protected $description = 'Erases what nobody needs any longer, and says what it was';

    public function handle(Erase $erase): int
    {
        foreach ($erase() as $what => $count) {
            $this->info("{$count} {$what} erased.");
        }

        return self::SUCCESS;
    }
}
