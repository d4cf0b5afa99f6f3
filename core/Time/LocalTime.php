<?php

declare(strict_types=1);

namespace PaperKite\Time;

use DateTimeImmutable;
use DateTimeZone;

/** A time on the wall, as a person types it for a place: `2026-05-01T00:00`. */
final class LocalTime
{
    /** Seconds by which clocks are turned back: an hour, and half an hour on Lord Howe Island. */
    private const TURNED_BACK_BY = [3_600, 1_800];

    /** What a database keeps of it in any zone: its own years are from 1000 to 9999. */
    private const FIRST_YEAR = 1900;

    private const LAST_YEAR = 9998;

    /**
     * An hour that summer time skips is moved on by what is skipped; one that comes twice is the first.
     *
     * @throws InvalidMoment
     */
    public static function read(string $text, DateTimeZone $zone): Moment
    {
        $text = trim($text, ' ');
        if (preg_match('/\A(\d{4})-(\d{2})-(\d{2})[T ](\d{2}):(\d{2})(?::(\d{2}))?\z/', $text, $parts) !== 1) {
            throw InvalidMoment::notLocal($text);
        }
        [$year, $month, $day, $hour, $minute] = array_map(intval(...), array_slice($parts, 1, 5));
        if ($year < self::FIRST_YEAR || $year > self::LAST_YEAR || (int) ($parts[6] ?? 0) > 59 || $month < 1 || $month > 12 || $day < 1 || $day > Day::monthLength($year, $month) || $hour > 23 || $minute > 59) {
            throw InvalidMoment::doesNotExist($text);
        }

        return Moment::ofSeconds(self::first(new DateTimeImmutable(strtr($text, 'T', ' '), $zone)));
    }

    /** PHP takes one or the other of an hour that comes twice, as the zone’s history has it. */
    private static function first(DateTimeImmutable $local): int
    {
        foreach (self::TURNED_BACK_BY as $seconds) {
            // From UTC, since setTimestamp() in a zone reads the wall once more.
            $earlier = (new DateTimeImmutable('@'.($local->getTimestamp() - $seconds)))->setTimezone($local->getTimezone());
            if ($earlier->format('Y-m-d H:i') === $local->format('Y-m-d H:i')) {
                return $earlier->getTimestamp();
            }
        }

        return $local->getTimestamp();
    }

    /** As a form field of that place holds it. */
    public static function typed(Moment $moment, DateTimeZone $zone): string
    {
        return (new DateTimeImmutable('@'.$moment->seconds))->setTimezone($zone)->format('Y-m-d\TH:i');
    }
}
