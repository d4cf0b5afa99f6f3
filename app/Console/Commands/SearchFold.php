<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Finding\KeepWordSets;
use Illuminate\Console\Command;

final class SearchFold extends Command
{
    protected $signature = 'search:fold';

    protected $description = 'Brings the sets of common words up to date';

    public function handle(KeepWordSets $sets): int
    {
        $sets->takeUp();

        return self::SUCCESS;
    }
}
