<?php

declare(strict_types=1);

namespace Tests\Core\Calendar;

use Eris\Generators;
use Eris\TestTrait;
use PaperKite\Calendar\CalendarEvent;
use PaperKite\Calendar\CalendarFile;
use PaperKite\Time\Moment;
use PHPUnit\Framework\TestCase;

/** What takes place, as RFC 5545 writes it down. */
final class CalendarFileTest extends TestCase
{
    use TestTrait;

    public function test_an_event_is_written_line_by_line(): void
    {
        $file = CalendarFile::of([self::event('Skep making; with straw, twine & patience')], Moment::of('2026-02-01T08:00:00Z'));

        self::assertSame(implode("\r\n", [
            'BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Paper Kite//Orders//EN', 'CALSCALE:GREGORIAN', 'METHOD:PUBLISH',
            'BEGIN:VEVENT', 'UID:order-line-7@mosslight.example', 'SEQUENCE:2', 'DTSTAMP:20260201T080000Z', 'DTSTART:20260314T090000Z', 'DTEND:20260314T120000Z',
            'SUMMARY:Skep making\; with straw\, twine & patience', 'LOCATION:Weir Cottage\, Tarnbridge', 'DESCRIPTION:2 seats\nAda\, Bo', 'STATUS:CONFIRMED', 'END:VEVENT', 'END:VCALENDAR', '',
        ]), $file);
    }

    public function test_what_is_cancelled_is_said_to_be_and_what_is_not_known_is_left_out(): void
    {
        $file = CalendarFile::of([new CalendarEvent('a@b', 0, Moment::of('2026-03-14T10:00:00+01:00'), null, 'x', '', '', true)], Moment::of('2026-02-01T08:00:00Z'));

        self::assertStringContainsString("STATUS:CANCELLED\r\n", $file);
        foreach (['DTEND', 'LOCATION', 'DESCRIPTION'] as $left) {
            self::assertStringNotContainsString($left, $file);
        }
    }

    /** Whatever is in a text: no line is longer than 75 octets or no text, nothing is lost, and nothing looks like another property. */
    public function test_lines_are_folded_between_characters_and_unfold_to_what_was_said(): void
    {
        $this->limitTo(300)->forAll(Generators::seq(Generators::elements('a', 'ü', 'ד', '🍯', "a\u{301}", ' ', ',', ';', '\\', "\n", "\r\n", "END:VEVENT\n", "\0", ':')))->then(function (array $parts): void {
            $said = implode('', array_filter($parts, is_string(...)));
            $file = CalendarFile::of([self::event($said)], Moment::ofSeconds(0));
            $lines = explode("\r\n", $file);

            foreach ($lines as $line) {
                self::assertLessThanOrEqual(75, strlen($line));
                self::assertTrue(mb_check_encoding($line, 'UTF-8'));
            }
            $unfolded = explode("\r\n", str_replace("\r\n ", '', $file));
            self::assertSame(1, count(array_filter($unfolded, static fn (string $line): bool => $line === 'END:VEVENT')));
            $summary = array_values(array_filter($unfolded, static fn (string $line): bool => str_starts_with($line, 'SUMMARY:')))[0] ?? '';
            $read = strtr(substr($summary, strlen('SUMMARY:')), ['\\\\' => '\\', '\\;' => ';', '\\,' => ',', '\\n' => "\n"]);
            self::assertSame(str_replace(["\r\n", "\0"], ["\n", ''], $said), $read);
        });
    }

    private static function event(string $summary): CalendarEvent
    {
        return new CalendarEvent('order-line-7@mosslight.example', 2, Moment::of('2026-03-14T10:00:00+01:00'), Moment::of('2026-03-14T13:00:00+01:00'), $summary, 'Weir Cottage, Tarnbridge', "2 seats\nAda, Bo", false);
    }
}
