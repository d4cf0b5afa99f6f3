<?php

declare(strict_types=1);

namespace PaperKite\Calendar;

use PaperKite\Time\Moment;

/**
 * Events as a file that calendar programs read.
 *
 * @see https://www.rfc-editor.org/rfc/rfc5545
 */
final class CalendarFile
{
    private const END = "\r\n";

    /** In octets, without the break (RFC 5545, 3.1). */
    private const LONGEST_LINE = 75;

    /**
     * @param  list<CalendarEvent>  $events
     * @param  Moment  $at  when the file is made
     */
    public static function of(array $events, Moment $at): string
    {
        $lines = ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Paper Kite//Orders//EN', 'CALSCALE:GREGORIAN', 'METHOD:PUBLISH'];
        foreach ($events as $event) {
            array_push($lines, ...self::event($event, $at));
        }

        return implode('', array_map(self::folded(...), [...$lines, 'END:VCALENDAR']));
    }

    /** @return list<string> */
    private static function event(CalendarEvent $event, Moment $at): array
    {
        return [
            'BEGIN:VEVENT',
            'UID:'.self::text($event->uid),
            "SEQUENCE:{$event->sequence}",
            'DTSTAMP:'.self::utc($at),
            'DTSTART:'.self::utc($event->begins),
            ...($event->ends === null ? [] : ['DTEND:'.self::utc($event->ends)]),
            'SUMMARY:'.self::text($event->summary),
            ...($event->place === '' ? [] : ['LOCATION:'.self::text($event->place)]),
            ...($event->description === '' ? [] : ['DESCRIPTION:'.self::text($event->description)]),
            'STATUS:'.($event->isCancelled ? 'CANCELLED' : 'CONFIRMED'),
            'END:VEVENT',
        ];
    }

    /** Form 2 of RFC 5545, 3.3.5: a moment that is the same for every reader. */
    private static function utc(Moment $moment): string
    {
        return gmdate('Ymd\THis\Z', $moment->seconds);
    }

    /** A value of type TEXT (RFC 5545, 3.3.11); what is no text is left out. */
    private static function text(string $value): string
    {
        $value = (string) preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/', '', str_replace(["\r\n", "\r"], "\n", mb_scrub($value, 'UTF-8')));

        return strtr($value, ['\\' => '\\\\', ';' => '\\;', ',' => '\\,', "\n" => '\\n']);
    }

    /** Broken between characters, never within one, so that each line is text by itself. */
    private static function folded(string $line): string
    {
        $folded = '';
        $current = '';
        foreach (mb_str_split($line) as $character) {
            // A line that goes on begins with a space, which counts.
            $room = self::LONGEST_LINE - ($folded === '' ? 0 : 1);
            if (strlen($current) + strlen($character) > $room) {
                $folded .= ($folded === '' ? '' : ' ').$current.self::END;
                $current = '';
            }
            $current .= $character;
        }

        return $folded.($folded === '' ? '' : ' ').$current.self::END;
    }
}
