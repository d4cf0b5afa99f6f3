<?php

declare(strict_types=1);

namespace Tests\Core\Time;

use DateTimeImmutable;
use DateTimeZone;
use Eris\Generators;
use Eris\TestTrait;
use PaperKite\Time\Day;
use PaperKite\Time\Interval;
use PaperKite\Time\IntervalUnit;
use PaperKite\Time\InvalidMoment;
use PaperKite\Time\LocalTime;
use PaperKite\Time\Moment;
use PaperKite\Words\Wording;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TimeTest extends TestCase
{
    use TestTrait;

    public function test_days_are_numbered_as_the_calendar_runs(): void
    {
        $this->forAll(Generators::choose(0, 9999), Generators::choose(1, 12), Generators::choose(1, 31), Generators::choose(0, 100_000))
            ->then(function (int $year, int $month, int $day, int $more): void {
                $one = Day::orMonthsLast($year, $month, $day);
                $other = new DateTimeImmutable(sprintf('%04d-%02d-%02dT00:00:00Z', $one->year, $one->month, $one->day));

                self::assertSame(intdiv($other->getTimestamp(), 86_400), $one->number());
                self::assertSame($other->modify("+{$more} days")->format('Y-m-d'), $one->plusDays($more)->text());
            });
    }

    #[DataProvider('intervals')]
    public function test_an_interval_keeps_the_first_days_number_where_it_can(string $first, int $every, IntervalUnit $unit, string $expected): void
    {
        [$year, $month, $day] = array_map(intval(...), explode('-', $first));
        $interval = new Interval($every, $unit);
        $days = array_map(fn (int $times): string => $interval->after(Day::orMonthsLast($year, $month, $day), $times)->text(), [1, 2, 3]);

        self::assertSame($expected, implode(' ', $days));
    }

    /** @return iterable<array{string, int, IntervalUnit, string}> */
    public static function intervals(): iterable
    {
        yield 'weeks' => ['2026-12-24', 1, IntervalUnit::Week, '2026-12-31 2027-01-07 2027-01-14'];
        yield 'every two weeks over a leap day' => ['2028-02-20', 2, IntervalUnit::Week, '2028-03-05 2028-03-19 2028-04-02'];
        yield 'months from the 31st' => ['2027-01-31', 1, IntervalUnit::Month, '2027-02-28 2027-03-31 2027-04-30'];
        yield 'months from the 30th into a leap February' => ['2027-12-30', 2, IntervalUnit::Month, '2028-02-29 2028-04-30 2028-06-30'];
        yield 'quarters' => ['2026-11-30', 1, IntervalUnit::Quarter, '2027-02-28 2027-05-30 2027-08-30'];
        yield 'years from a leap day' => ['2028-02-29', 1, IntervalUnit::Year, '2029-02-28 2030-02-28 2031-02-28'];
        yield 'every four years from a leap day' => ['2028-02-29', 4, IntervalUnit::Year, '2032-02-29 2036-02-29 2040-02-29'];
        yield 'past a century that leaps not' => ['2096-02-29', 4, IntervalUnit::Year, '2100-02-28 2104-02-29 2108-02-29'];
    }

    #[DataProvider('moments')]
    public function test_a_moment_is_read_from_whatever_zone_it_is_written_in(string $text, string $utc): void
    {
        self::assertSame((new DateTimeImmutable($utc))->getTimestamp(), Moment::of($text)->seconds);
    }

    /** @return iterable<array{string, string}> */
    public static function moments(): iterable
    {
        yield ['2026-04-20T10:00:00+01:00', '2026-04-20T09:00:00Z'];
        yield ['2026-04-20t10:00:00z', '2026-04-20T10:00:00Z'];
        yield ['2026-04-20T10:00:00.123456789-03:30', '2026-04-20T13:30:00Z'];
        yield ['2026-01-01T00:30:00+14:00', '2025-12-31T10:30:00Z'];
        yield ['2016-12-31T23:59:60Z', '2017-01-01T00:00:00Z'];
        yield ['2016-12-31T18:59:60-05:00', '2017-01-01T00:00:00Z'];
        yield ['2028-02-29T00:00:00Z', '2028-02-29T00:00:00Z'];
        yield ['0000-01-01T00:00:00Z', '0000-01-01T00:00:00Z'];
    }

    #[DataProvider('noMoments')]
    public function test_what_is_no_moment_is_refused(string $text): void
    {
        $this->expectException(InvalidMoment::class);

        Moment::of($text);
    }

    /** @return iterable<array{string}> */
    public static function noMoments(): iterable
    {
        yield from [
            [''], ['2026-04-20'], ['2026-04-20T10:00:00'], ['2026-04-20 10:00:00Z'], ['2026-04-20T10:00Z'], ['26-04-20T10:00:00Z'], ["2026-04-20T10:00:00Z\n"], ['2026-04-20T10:00:00.Z'], ['tomorrow'],
            ['2026-02-29T10:00:00Z'], ['2100-02-29T10:00:00Z'], ['2026-13-01T10:00:00Z'], ['2026-00-10T10:00:00Z'], ['2026-04-31T10:00:00Z'], ['2026-04-20T24:00:00Z'], ['2026-04-20T10:60:00Z'],
            ['2026-04-20T10:00:61Z'], ['2026-04-20T10:00:60Z'], ['2026-04-20T10:00:00+24:00'], ['2026-04-20T10:00:00+01:60'],
        ];
    }

    public function test_moments_are_compared_to_whatever_fraction_was_written(): void
    {
        $earlier = Moment::of('2026-04-20T10:00:00.0999Z');

        self::assertTrue($earlier->isBefore(Moment::of('2026-04-20T10:00:00.1Z')));
        self::assertFalse(Moment::of('2026-04-20T10:00:00.10Z')->isBefore(Moment::of('2026-04-20T10:00:00.1Z')));
        self::assertTrue(Moment::of('2026-04-20T10:00:00Z')->isBefore($earlier));
        self::assertFalse($earlier->isBefore(Moment::of('2026-04-20T09:59:59.9999Z')));
    }

    #[DataProvider('walls')]
    public function test_a_time_on_the_wall_is_read_where_the_wall_is(string $typed, string $zone, string $utc): void
    {
        self::assertSame((new DateTimeImmutable($utc))->getTimestamp(), LocalTime::read($typed, new DateTimeZone($zone))->seconds);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function walls(): iterable
    {
        yield 'in winter' => ['2026-01-10T08:00', 'Europe/Dublin', '2026-01-10T08:00:00Z'];
        yield 'in summer' => ['2026-07-10T08:00', 'Europe/Dublin', '2026-07-10T07:00:00Z'];
        yield 'an hour that is skipped moves on' => ['2026-03-29T01:30', 'Europe/Dublin', '2026-03-29T01:30:00Z'];
        yield 'an hour that comes twice is the first' => ['2026-10-25T01:30', 'Europe/Dublin', '2026-10-25T00:30:00Z'];
        yield 'with seconds, as some browsers send' => ['2026-07-10T08:00:30', 'America/New_York', '2026-07-10T12:00:30Z'];
    }

    public function test_reading_a_time_on_the_wall_undoes_writing_it(): void
    {
        $zone = new DateTimeZone('Pacific/Auckland');

        self::assertSame('2026-05-01T00:00', LocalTime::typed(LocalTime::read('2026-05-01T00:00', $zone), $zone));
        self::assertSame('1 May 2026, 00:00', Wording::english()->dates()->dateAndTime(LocalTime::read('2026-05-01 00:00', $zone), $zone));
    }

    #[DataProvider('noWalls')]
    public function test_what_no_clock_shows_is_refused(string $typed): void
    {
        $this->expectException(InvalidMoment::class);

        LocalTime::read($typed, new DateTimeZone('UTC'));
    }

    /** @return iterable<array{string}> */
    public static function noWalls(): iterable
    {
        yield from [[''], ['2026-02-30T00:00'], ['2026-01-01T25:00'], ['2026-01-01'], ['now'], ['2026-01-01T00:00Z'], ['2026-13-01T00:00'], ['2026-05-01T00:00:60'], ['2026-05-01T00:00:75'], ['0001-01-01T00:00'], ['9999-12-31T23:59']];
    }

    public function test_today_is_the_date_where_the_shop_is(): void
    {
        $moment = Moment::of('2026-06-30T23:30:00Z');

        self::assertSame(['2026-07-01', '2026-06-30', '2026-07-01'], array_map(static fn (string $zone): string => $moment->dayIn(new DateTimeZone($zone))->text(), ['Europe/Dublin', 'America/New_York', 'Pacific/Auckland']));
    }
}
