<?php

declare(strict_types=1);

namespace PaperKite\Words;

use DateTimeImmutable;
use DateTimeZone;
use PaperKite\Time\Moment;

/** How a language says days and times, as calendar and clocks stand in a zone. */
final readonly class Dates
{
    /**
     * @param  non-empty-list<string>  $months  twelve
     * @param  non-empty-list<string>  $shortMonths  twelve
     * @param  string  $date  with `{day}`, `{month}` and `{year}` in it
     * @param  string  $dateAndTime  with `{date}` and `{time}` in it
     */
    public function __construct(
        private array $months,
        private array $shortMonths,
        private string $date,
        private string $dateAndTime,
    ) {}

    /** "14 March 2026". */
    public function date(Moment $moment, DateTimeZone $zone): string
    {
        return $this->named(self::there($moment, $zone), $this->months);
    }

    /** "14 Mar 2026", where there is little room. */
    public function shortDate(Moment $moment, DateTimeZone $zone): string
    {
        return $this->named(self::there($moment, $zone), $this->shortMonths);
    }

    /** "10:00". */
    public function time(Moment $moment, DateTimeZone $zone): string
    {
        return self::there($moment, $zone)->format('H:i');
    }

    /** "14 Mar 2026, 10:00". */
    public function dateAndTime(Moment $moment, DateTimeZone $zone): string
    {
        return Wording::filled($this->dateAndTime, ['date' => $this->shortDate($moment, $zone), 'time' => $this->time($moment, $zone)]);
    }

    /** @param  non-empty-list<string>  $months */
    private function named(DateTimeImmutable $there, array $months): string
    {
        return Wording::filled($this->date, ['day' => $there->format('j'), 'month' => $months[(int) $there->format('n') - 1] ?? '', 'year' => $there->format('Y')]);
    }

    private static function there(Moment $moment, DateTimeZone $zone): DateTimeImmutable
    {
        return (new DateTimeImmutable('@'.$moment->seconds))->setTimezone($zone);
    }
}
