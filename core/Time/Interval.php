<?php

declare(strict_types=1);

namespace PaperKite\Time;

/** A regular distance between days: every two weeks, every quarter. */
final readonly class Interval
{
    public function __construct(
        /** 1 to 10,000. */
        public int $every,
        public IntervalUnit $unit,
    ) {}

    /** The day so many intervals after the first; months, quarters and years keep the first day's number where they can. */
    public function after(Day $first, int $times): Day
    {
        $months = $this->unit->months();

        return $months === null
            ? $first->plusDays(7 * $this->every * $times)
            : $first->plusMonths($months * $this->every * $times);
    }
}
