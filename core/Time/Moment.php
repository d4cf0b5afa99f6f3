<?php

declare(strict_types=1);

namespace PaperKite\Time;

use DateTimeImmutable;
use DateTimeZone;

/**
 * A point in time, exact to whatever fraction of a second was written.
 *
 * @see https://www.rfc-editor.org/rfc/rfc3339#section-5.6 how it is written
 */
final readonly class Moment
{
    private const PATTERN = '/\A(\d{4})-(\d{2})-(\d{2})[Tt](\d{2}):(\d{2}):(\d{2})(?:\.(\d+))?(?:[Zz]|([+-])(\d{2}):(\d{2}))\z/';

    private function __construct(
        /** Seconds since 1970-01-01T00:00:00Z. */
        public int $seconds,
        /** Digits after the point, without zeros at the end. */
        private string $fraction,
    ) {}

    public static function ofSeconds(int $seconds): self
    {
        return new self($seconds, '');
    }

    /** @throws InvalidMoment */
    public static function of(string $text): self
    {
        if (preg_match(self::PATTERN, $text, $parts) !== 1) {
            throw InvalidMoment::notWritten($text);
        }
        [$year, $month, $day, $hour, $minute, $second] = array_map(intval(...), array_slice($parts, 1, 6));
        $offset = self::offset($parts[8] ?? '', (int) ($parts[9] ?? 0), (int) ($parts[10] ?? 0));
        $isDate = $month >= 1 && $month <= 12 && $day >= 1 && $day <= Day::monthLength($year, $month);
        if (! $isDate || $hour > 23 || $minute > 59 || $second > 60 || $offset === null) {
            throw InvalidMoment::doesNotExist($text);
        }
        $seconds = Day::orMonthsLast($year, $month, $day)->number() * 86_400 + $hour * 3_600 + $minute * 60 + $second - $offset;
        // A leap second ends a day of UTC (RFC 3339, appendix D); clocks count it as the next day's first.
        if ($second === 60 && $seconds % 86_400 !== 0) {
            throw InvalidMoment::doesNotExist($text);
        }

        return new self($seconds, rtrim($parts[7] ?? '', '0'));
    }

    public function isBefore(self $other): bool
    {
        return $this->seconds === $other->seconds
            ? strcmp($this->fraction, $other->fraction) < 0
            : $this->seconds < $other->seconds;
    }

    /** The date there at this moment. */
    public function dayIn(DateTimeZone $zone): Day
    {
        [$year, $month, $day] = array_map(intval(...), explode(' ', (new DateTimeImmutable('@'.$this->seconds))->setTimezone($zone)->format('Y n j')));

        return Day::orMonthsLast($year, $month, $day);
    }

    /** Seconds east of Greenwich, or `null` for an offset that can't be. */
    private static function offset(string $sign, int $hours, int $minutes): ?int
    {
        if ($hours > 23 || $minutes > 59) {
            return null;
        }

        return ($sign === '-' ? -1 : 1) * ($hours * 3_600 + $minutes * 60);
    }
}
