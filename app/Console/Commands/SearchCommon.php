<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Finding\KeepWordSets;
use Illuminate\Console\Command;

final class SearchCommon extends Command
{
    protected $signature = 'search:common';

    protected $description = 'Begins sets for words that have become common';

    public function handle(KeepWordSets $sets): int
    {
        $sets->begin();

        return self::SUCCESS;
    }
}
