<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Finding\AddUpStates;
use Illuminate\Console\Command;

final class StatesAddUp extends Command
{
    protected $signature = 'states:add-up';

    protected $description = 'Adds up how many things came into which state';

    public function handle(AddUpStates $add): int
    {
        $add();

        return self::SUCCESS;
    }
}
