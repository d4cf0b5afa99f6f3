<?php

declare(strict_types=1);

namespace Tests\Core\Catalogue;

use DateTimeZone;
use PaperKite\Catalogue\Entry\EventEntry;
use PaperKite\Catalogue\Event;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;
use PaperKite\Time\Moment;
use PaperKite\Words\Wording;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class EventTest extends TestCase
{
    #[DataProvider('shown')]
    public function test_it_is_said_as_the_clocks_are_there(?string $ends, string $place, string $says): void
    {
        $event = new Event(Moment::of('2026-03-28T21:30:00Z'), $ends === null ? null : Moment::of($ends), $place);

        self::assertSame($says, $event->shown(new DateTimeZone('Europe/Berlin'), Wording::english()));
    }

    /** @return iterable<string, array{string|null, string, string}> */
    public static function shown(): iterable
    {
        yield 'a beginning alone' => [null, '', '28 Mar 2026, 22:30'];
        yield 'to an hour of the day' => ['2026-03-28T22:15:00Z', 'Weir Cottage', '28 Mar 2026, 22:30 to 23:15, Weir Cottage'];
        yield 'into the night in which clocks are put forward' => ['2026-03-29T01:30:00Z', 'דבש', '28 Mar 2026, 22:30 to 29 Mar 2026, 03:30, דבש'];
    }

    public function test_what_has_begun_is_past(): void
    {
        $event = new Event(Moment::of('2026-03-14T09:00:00Z'), Moment::of('2026-03-14T12:00:00Z'), '');

        self::assertSame([false, true, true], array_map(static fn (string $at): bool => $event->hasBegun(Moment::of($at)), ['2026-03-14T08:59:59Z', '2026-03-14T09:00:00Z', '2026-03-15T09:00:00Z']));
    }

    /** @param  array<string, string>  $typed */
    #[DataProvider('forms')]
    public function test_a_form_is_read_and_what_is_wrong_stands_at_its_field(array $typed, ?string $shown, ?string $field): void
    {
        $wrong = new FieldErrors;
        $zone = new DateTimeZone('Europe/Dublin');
        $event = EventEntry::read(FormInput::of($typed), $zone, $wrong);

        self::assertSame([$shown, $field], [$wrong->all() === [] ? $event?->shown($zone, Wording::english()) : null, array_key_first($wrong->all())]);
    }

    /** @return iterable<string, array{array<string, string>, string|null, string|null}> */
    public static function forms(): iterable
    {
        yield 'none' => [['begins' => ' ', 'ends' => '', 'place' => ''], null, null];
        yield 'whole' => [['begins' => '2026-07-04T10:00', 'ends' => '2026-07-04T13:00', 'place' => ' Weir Cottage '], '4 Jul 2026, 10:00 to 13:00, Weir Cottage', null];
        yield 'no date' => [['begins' => 'Saturday'], null, 'begins'];
        yield 'seconds that are none' => [['begins' => '2026-07-04T10:00:75'], null, 'begins'];
        yield 'an end alone' => [['ends' => '2026-07-04T13:00'], null, 'ends'];
        yield 'a place alone' => [['place' => 'Weir Cottage'], null, 'place'];
        yield 'an end before its beginning' => [['begins' => '2026-07-04T10:00', 'ends' => '2026-07-04T10:00'], null, 'ends'];
        yield 'a place too long' => [['begins' => '2026-07-04T10:00', 'place' => str_repeat('ü', 201)], null, 'place'];
        yield 'a place of two lines' => [['begins' => '2026-07-04T10:00', 'place' => "Weir\nCottage"], null, 'place'];
    }
}
