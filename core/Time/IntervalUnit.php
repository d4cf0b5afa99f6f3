<?php

declare(strict_types=1);

namespace PaperKite\Time;

enum IntervalUnit: string
{
    case Week = 'week';
    case Month = 'month';
    case Quarter = 'quarter';
    case Year = 'year';

    /** Months in one, or `null` where it is counted in days. */
    public function months(): ?int
    {
        return match ($this) {
            self::Week => null,
            self::Month => 1,
            self::Quarter => 3,
            self::Year => 12,
        };
    }
}
