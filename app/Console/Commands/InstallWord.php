<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\People\SetUp;
use Illuminate\Console\Command;

final class InstallWord extends Command
{
    protected $signature = 'install:word';

    protected $description = 'Prints the word that the set-up page asks for; a word that was printed before no longer counts';

    public function handle(SetUp $setUp): int
    {
        if (! $setUp->isPossible()) {
            $this->error('This installation is set up already; “php artisan person:create” makes another person.');

            return self::FAILURE;
        }
        $this->line($setUp->word()->shown());

        return self::SUCCESS;
    }
}
