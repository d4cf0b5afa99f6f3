<?php

declare(strict_types=1);

namespace PaperKite\Sheet;

use PaperKite\Time\Day;
use PaperKite\Time\InvalidMoment;

/** In which order a sheet writes day and month: 3/4/2027 is in April here and in March there. */
enum DayOrder: string
{
    case DayFirst = 'day';
    case MonthFirst = 'month';

    private const ISO = '/\A(\d{4})[-\/.](\d{1,2})[-\/.](\d{1,2})(?:[T ,]+(\d{1,2}):\d{2}.*)?\z/';

    private const OTHER = '/\A(\d{1,2})[-\/.](\d{1,2})[-\/.](\d{4}|\d{2})(?:[T ,]+(\d{1,2}):\d{2}.*)?\z/';

    public function label(): string
    {
        return match ($this) {
            self::DayFirst => 'Day before month',
            self::MonthFirst => 'Month before day',
        };
    }

    /** @param  list<string>  $cells  of a column of days */
    public static function detect(array $cells): self
    {
        $first = $second = 0;
        foreach ($cells as $cell) {
            if (preg_match(self::OTHER, trim($cell), $parts) === 1) {
                $first = max($first, (int) $parts[1]);
                $second = max($second, (int) $parts[2]);
                if (str_contains($parts[0], '.')) {
                    return self::DayFirst;
                }
            }
        }

        return $first <= 12 && $second > 12 ? self::MonthFirst : self::DayFirst;
    }

    /** @return array{Day, int|null}|null the day, and the hour where one is written; `null` where it is no day */
    public function read(string $cell): ?array
    {
        $cell = trim($cell);
        if (preg_match(self::ISO, $cell, $parts) === 1) {
            [$year, $month, $day] = [(int) $parts[1], (int) $parts[2], (int) $parts[3]];
        } elseif (preg_match(self::OTHER, $cell, $parts) === 1) {
            $year = (int) $parts[3] + (strlen($parts[3]) === 2 ? 2000 : 0);
            [$day, $month] = $this === self::DayFirst ? [(int) $parts[1], (int) $parts[2]] : [(int) $parts[2], (int) $parts[1]];
        } else {
            return null;
        }
        $hour = ($parts[4] ?? '') === '' ? null : (int) $parts[4];
        try {
            return $hour !== null && $hour > 23 ? null : [Day::read(sprintf('%04d-%02d-%02d', $year, $month, $day)), $hour];
        } catch (InvalidMoment) {
            return null;
        }
    }
}
