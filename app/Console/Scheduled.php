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
        'counts:write --for=55' => '* * * * *',
        'results:fold' => '* * * * *',
        'search:write' => '* * * * *',
        'search:fold' => '* * * * *',
        'states:add-up' => '* * * * *',
        'stock:tell' => '* * * * *',
        'prices:watch' => '* * * * *',
        'carts:sweep' => '7 * * * *',
        'copies:recheck' => '0 * * * *',
        'reports:sweep' => '23 * * * *',
        'files:sweep' => '53 * * * *',
        'cards:send' => '*/5 * * * *',
        'search:common' => '43 * * * *',
        'data:erase' => '37 3 * * *',
    ];

    public static function register(Schedule $schedule): void
    {
        foreach (self::COMMANDS as $command => $when) {
            $event = $schedule->command($command)->cron($when);
            if (str_contains($command, '--for=')) {
                // What goes on until the next minute keeps nothing else waiting.
                $event->runInBackground();
            } else {
                $event->withoutOverlapping();
            }
        }
    }
}
