<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Scheduling\Schedule;

/** What the application does by itself as time goes by. */
final class Scheduled
{
    /** When each is due, as cron writes it. */
    public const COMMANDS = [
        'payments:sweep' => '* * * * *',
        'counts:write' => '* * * * *',
        'results:fold' => '* * * * *',
        'search:write' => '* * * * *',
        'stock:tell' => '* * * * *',
        'prices:watch' => '* * * * *',
        'carts:sweep' => '7 * * * *',
        'copies:recheck' => '0 * * * *',
        'reports:sweep' => '23 * * * *',
        'files:sweep' => '53 * * * *',
        'cards:send' => '*/5 * * * *',
        'data:erase' => '37 3 * * *',
    ];

    public static function register(Schedule $schedule): void
    {
        foreach (self::COMMANDS as $command => $when) {
            $schedule->command($command)->cron($when);
        }
    }
}
