<?php

declare(strict_types=1);

namespace PaperKite\Time;

use DateTimeImmutable;
use DateTimeZone;

/** A time on the wall, as a person types it for a place: `2026-05-01T00:00`. */
final class LocalTime
{
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
        if ($month < 1 || $month > 12 || $day < 1 || $day > Day::monthLength($year, $month) || $hour > 23 || $minute > 59) {
            throw InvalidMoment::doesNotExist($text);
        }

        return Moment::ofSeconds((new DateTimeImmutable(strtr($text, 'T', ' '), $zone))->getTimestamp());
    }

    /** As a form field of that place holds it. */
    public static function typed(Moment $moment, DateTimeZone $zone): string
    {
        return (new DateTimeImmutable('@'.$moment->seconds))->setTimezone($zone)->format('Y-m-d\TH:i');
    }

    /** As a person reads it there: "1 May 2026, 00:00". */
    public static function shown(Moment $moment, DateTimeZone $zone): string
    {
        return (new DateTimeImmutable('@'.$moment->seconds))->setTimezone($zone)->format('j M Y, H:i');
    }
}
