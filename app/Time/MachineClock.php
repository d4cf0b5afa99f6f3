<?php

declare(strict_types=1);

namespace App\Time;

use Carbon\CarbonImmutable;

/** The machine's own time, which the demo does not move: for how long something takes, and for waits that other people's servers ask for. */
final readonly class MachineClock
{
    public function now(): CarbonImmutable
    {
        return CarbonImmutable::now('UTC');
    }

    /** Since some moment, for differences alone. */
    public function seconds(): float
    {
        return hrtime(true) / 1e9;
    }
}
