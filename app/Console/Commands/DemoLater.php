<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Scheduled;
use App\Time\Clock;
use App\Time\MoveClock;
use Carbon\CarbonInterval;
use Illuminate\Console\Command;
use Throwable;

/** Lets the demo see what comes with time: what was lent is due, links have expired, carts are cleared away. */
final class DemoLater extends Command
{
    private const DAY = 86_400;

    private const MOST_DAYS = 3_660;

    protected $signature = 'demo:later {by : how much later, such as "40 days" or "3 hours"}';

    protected $description = 'Moves the demo’s clock on, a day at a time, and does what each day brings';

    public function handle(Clock $clock, MoveClock $move): int
    {
        if (app()->isProduction() || ! $move->isPossible()) {
            $this->error('Time is moved on in the demo only: start it with bin/start.');

            return self::FAILURE;
        }
        $seconds = $this->seconds();
        if ($seconds === null) {
            $this->error('Say how much later, such as "40 days" or "3 hours", ten years at most.');

            return self::FAILURE;
        }
        for ($left = $seconds; $left > 0; $left -= self::DAY) {
            $move->by(min(self::DAY, $left));
            foreach (array_keys(Scheduled::COMMANDS) as $command) {
                // Once a day is often enough for what goes on.
                $this->callSilently((string) strtok($command, ' '));
            }
        }
        $this->info("It is {$clock->now()->format('j F Y, H:i')} (UTC) in the demo now.");

        return self::SUCCESS;
    }

    private function seconds(): ?int
    {
        $text = $this->argument('by');
        try {
            $seconds = is_string($text) ? (int) CarbonInterval::fromString($text)->totalSeconds : 0;
        } catch (Throwable) {
            return null;
        }

        return $seconds > 0 && $seconds <= self::MOST_DAYS * self::DAY ? $seconds : null;
    }
}
