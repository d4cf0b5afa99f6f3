<?php

declare(strict_types=1);

namespace PaperKite\Time;

/** A day of the Gregorian calendar (ISO 8601), without a time or a zone. */
final readonly class Day
{
    private const MONTH_LENGTHS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

    /** What a database keeps is from 1000 on; what was sold is younger by far. */
    private const FIRST_YEAR = 1900;

    private const NUMBER_OF_1970_01_01 = 719_468;

    private function __construct(
        public int $year,
        public int $month,
        public int $day,
    ) {}

    /**
     * As ISO 8601 writes it: 2027-02-28.
     *
     * @throws InvalidMoment
     */
    public static function read(string $text): self
    {
        $text = trim($text, ' ');
        if (preg_match('/\A(\d{4})-(\d{2})-(\d{2})\z/', $text, $parts) !== 1) {
            throw InvalidMoment::noDay($text);
        }
        [$year, $month, $day] = array_map(intval(...), array_slice($parts, 1));
        if ($year < self::FIRST_YEAR || $month < 1 || $month > 12 || $day < 1 || $day > self::monthLength($year, $month)) {
            throw InvalidMoment::doesNotExist($text);
        }

        return new self($year, $month, $day);
    }

    /** The day itself, or the month's last day where the month is shorter. */
    public static function orMonthsLast(int $year, int $month, int $day): self
    {
        return new self($year, $month, min($day, self::monthLength($year, $month)));
    }

    public static function monthLength(int $year, int $month): int
    {
        return $month === 2 && self::isLeap($year) ? 29 : self::MONTH_LENGTHS[$month - 1];
    }

    public function plusDays(int $days): self
    {
        return self::ofNumber($this->number() + $days);
    }

    /** Keeps the day of the month, or takes the month's last where it is shorter: 31 January and a month is 28 February. */
    public function plusMonths(int $months): self
    {
        $index = $this->year * 12 + $this->month - 1 + $months;

        return self::orMonthsLast(intdiv($index, 12), $index % 12 + 1, $this->day);
    }

    /** Days since 1970-01-01: of two days, the later has the larger number. */
    public function number(): int
    {
        // The year begins in March here, so that the leap day is its last; 400 is added since year 0 has a February.
        $year = $this->year + 400 - ($this->month > 2 ? 0 : 1);
        $dayOfYear = intdiv(153 * ($this->month + ($this->month > 2 ? -3 : 9)) + 2, 5) + $this->day - 1;

        return $year * 365 + intdiv($year, 4) - intdiv($year, 100) + intdiv($year, 400) + $dayOfYear - 146_097 - self::NUMBER_OF_1970_01_01;
    }

    /** As ISO 8601 writes it: 2027-02-28. */
    public function text(): string
    {
        return sprintf('%04d-%02d-%02d', $this->year, $this->month, $this->day);
    }

    private static function isLeap(int $year): bool
    {
        return $year % 4 === 0 && ($year % 100 !== 0 || $year % 400 === 0);
    }

    private static function ofNumber(int $number): self
    {
        // 400 years have 146,097 days; within them the year is counted from March, as above.
        $days = $number + self::NUMBER_OF_1970_01_01;
        $ofEra = $days % 146_097;
        $yearOfEra = intdiv($ofEra - intdiv($ofEra, 1_460) + intdiv($ofEra, 36_524) - intdiv($ofEra, 146_096), 365);
        $ofYear = $ofEra - (365 * $yearOfEra + intdiv($yearOfEra, 4) - intdiv($yearOfEra, 100));
        $marchMonth = intdiv(5 * $ofYear + 2, 153);
        $month = $marchMonth < 10 ? $marchMonth + 3 : $marchMonth - 9;
        $year = intdiv($days, 146_097) * 400 + $yearOfEra + ($month <= 2 ? 1 : 0);

        return new self($year, $month, $ofYear - intdiv(153 * $marchMonth + 2, 5) + 1);
    }
}
