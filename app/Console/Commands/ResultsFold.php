<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Results\FoldEvents;
use App\Results\KeepClicks;
use Illuminate\Console\Command;
use Illuminate\Support\Sleep;

final class ResultsFold extends Command
{
    protected $signature = 'results:fold';

    protected $description = 'Adds up by day what was counted';

    public function handle(FoldEvents $fold, KeepClicks $clicks): int
    {
        $newest = $fold->newest();
        if ($newest > 0) {
            // A number is given out just before its event is written.
            Sleep::for(1)->second();
            $fold($newest);
        }
        $clicks();

        return self::SUCCESS;
    }
}
