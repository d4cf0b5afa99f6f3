<?php

declare(strict_types=1);

namespace App\Time;

use Carbon\CarbonImmutable;
use Carbon\FactoryImmutable;
use DateTimeZone;

/** Lets the framework's own dates, such as when a row was changed, follow the clock. */
final class ClockedDates extends FactoryImmutable
{
    public function __construct(private readonly Clock $clock)
    {
        parent::__construct();
    }

    public function now(DateTimeZone|string|int|null $timezone = null): CarbonImmutable
    {
        return $timezone === null ? $this->clock->now() : $this->clock->now()->setTimezone($timezone);
    }
}
