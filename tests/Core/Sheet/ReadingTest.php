<?php

declare(strict_types=1);

namespace Tests\Core\Sheet;

use Eris\Generators;
use Eris\TestTrait;
use PaperKite\Sheet\Damage;
use PaperKite\Sheet\DayOrder;
use PaperKite\Sheet\Encoding;
use PaperKite\Sheet\Number;
use PaperKite\Sheet\Row;
use PaperKite\Sheet\RowReader;
use PaperKite\Sheet\Separator;
use PaperKite\Text\DecimalMark;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A sheet that comes in: how it is written is found out, its rows are read from anywhere, and what is damaged is said. */
final class ReadingTest extends TestCase
{
    use TestTrait;

    public function test_the_encoding_is_found_out(): void
    {
        $text = "Datum;Vergütung\n2026-05-01;1,20 €\n";
        foreach (Encoding::cases() as $encoding) {
            $bytes = mb_convert_encoding($text, $encoding->value, 'UTF-8');
            self::assertSame($encoding, Encoding::detect($bytes));
            self::assertSame($text, $encoding->toUtf8($bytes));
        }
        self::assertSame([Encoding::Utf8, 3], [Encoding::detect("\xEF\xBB\xBF{$text}"), Encoding::markLength("\xEF\xBB\xBF{$text}")]);
        self::assertSame([Encoding::Utf16Little, 2], [Encoding::detect("\xFF\xFEa\0"), Encoding::markLength("\xFF\xFEa\0")]);
        self::assertSame(Encoding::Utf8, Encoding::detect('plain'));
        self::assertSame(Encoding::Utf8, Encoding::detect(substr($text, 0, (int) strpos($text, "\xBC"))), 'The last letter may be cut through.');
        self::assertSame(Encoding::Windows1252, Encoding::detect("Verg\xFCtung"));
    }

    public function test_the_separator_is_what_parts_the_same_number_of_cells_in_most_rows(): void
    {
        self::assertSame(Separator::Semicolon, Separator::detect("a;b;c\n1,2;3,4;5,6\n1,2;3,4;5,6"));
        self::assertSame(Separator::Comma, Separator::detect("a,b\n\"x;y;z\",1\n\"x;y;z\",2"));
        self::assertSame(Separator::Tab, Separator::detect("a\tb\r\n1\t2"));
        self::assertSame(Separator::Bar, Separator::detect("a|b|c\n1|2|3"));
        self::assertSame(Separator::Comma, Separator::detect('nothing at all'));
    }

    /** @return iterable<string, array{string, DecimalMark, string|null}> */
    public static function numbers(): iterable
    {
        yield 'plain' => ['12.30', DecimalMark::Point, '12.30'];
        yield 'with a comma' => ['12,30', DecimalMark::Comma, '12.30'];
        yield 'grouped' => ['1,234,567.89', DecimalMark::Point, '1234567.89'];
        yield 'grouped by points' => ['1.234,56 €', DecimalMark::Comma, '1234.56'];
        yield 'grouped by thin spaces' => ["1\u{202F}234,56 kr", DecimalMark::Comma, '1234.56'];
        yield 'grouped by apostrophes' => ['CHF 1’234.50', DecimalMark::Point, '1234.50'];
        yield 'a minus before' => ['-4.20', DecimalMark::Point, '-4.20'];
        yield 'a true minus' => ['−4,20 €', DecimalMark::Comma, '-4.20'];
        yield 'a minus behind' => ['4,20-', DecimalMark::Comma, '-4.20'];
        yield 'in brackets' => ['(4.20)', DecimalMark::Point, '-4.20'];
        yield 'a currency before' => ['EUR 4.20', DecimalMark::Point, '4.20'];
        yield 'a comma where points are' => ['12,30', DecimalMark::Point, null];
        yield 'grouped wrongly' => ['1,23,456.00', DecimalMark::Point, null];
        yield 'two marks' => ['1.2.3', DecimalMark::Point, null];
        yield 'words' => ['n/a', DecimalMark::Point, null];
        yield 'nothing' => ['', DecimalMark::Point, null];
        yield 'one bracket' => ['(4.20', DecimalMark::Point, null];
    }

    #[DataProvider('numbers')]
    public function test_a_number_is_read_as_it_is_written(string $cell, DecimalMark $mark, ?string $expected): void
    {
        self::assertSame($expected, Number::read($cell, $mark));
    }

    public function test_the_mark_of_a_column_is_that_of_most_of_its_cells(): void
    {
        self::assertSame(DecimalMark::Comma, Number::markOf(['1.234,56', '12', '3,5']));
        self::assertSame(DecimalMark::Point, Number::markOf(['1,234', '12.50']));
        self::assertSame(DecimalMark::Point, Number::markOf([]));
    }

    public function test_days_are_read_in_the_order_of_their_column(): void
    {
        self::assertSame(DayOrder::MonthFirst, DayOrder::detect(['3/4/2026', '3/14/2026']));
        self::assertSame(DayOrder::DayFirst, DayOrder::detect(['14/3/2026', '3/4/2026']));
        self::assertSame(DayOrder::DayFirst, DayOrder::detect(['04.03.2026', '3/14/2026']));
        $day = static fn (DayOrder $order, string $cell): ?string => ($read = $order->read($cell)) === null ? null : $read[0]->text().($read[1] === null ? '' : " {$read[1]}");

        self::assertSame(['2026-04-03', '2026-03-04', '2026-04-03 17', '2026-04-03 9', null, null, null], [
            $day(DayOrder::DayFirst, '3/4/2026'), $day(DayOrder::MonthFirst, '3/4/26'), $day(DayOrder::MonthFirst, '2026-04-03T17:05:00Z'), $day(DayOrder::DayFirst, '03.04.2026 09:30'),
            $day(DayOrder::DayFirst, '31.02.2026'), $day(DayOrder::DayFirst, '2026-04-03 25:00'), $day(DayOrder::DayFirst, 'Total'),
        ]);
    }

    public function test_what_programs_have_damaged_is_said(): void
    {
        self::assertSame([Damage::Rounded, Damage::TooNarrow, Damage::Formula, Damage::Letters, Damage::Letters, null, null], array_map(Damage::in(...), ['4.71E+11', '#####', '#WERT!', 'VergÃ¼tung', "a\u{FFFD}b", 'w204', '']));
        self::assertSame([Damage::Day, Damage::Day, Damage::Day, null, null], array_map(Damage::inReference(...), ['04. Mrz', 'Apr-12', '3-Dec', 'w204', '90210']));
    }

    public function test_rows_come_as_they_were_written_and_again_from_wherever_they_were_left(): void
    {
        $cell = Generators::elements(['', 'a', '1;2', "two\nlines", 'say "hi"', 'é', ' ', '15"', '""', "'=1"]);
        $this->limitTo(60)->forAll(Generators::seq(Generators::tuple($cell, $cell, $cell)))->then(function (array $rows): void {
            $stream = $this->stream();
            foreach ($rows as $row) {
                self::assertIsArray($row);
                fputcsv($stream, array_filter($row, is_string(...)), ';', '"', '');
            }
            $read = iterator_to_array((new RowReader($stream, Separator::Semicolon))->rows(0, 1), false);
            self::assertSame(array_map(static fn (mixed $row): array => array_values((array) $row), $rows), array_map(static fn (Row $row): array => $row->cells, $read));
            foreach ($read as $index => $row) {
                $rest = iterator_to_array((new RowReader($stream, Separator::Semicolon))->rows($row->end, $row->number + 1), false);
                self::assertEquals(array_slice($read, $index + 1), $rest);
            }
        });
    }

    public function test_a_mark_that_is_never_closed_swallows_one_row_alone(): void
    {
        $rows = $this->read("a;b\n\"open;1\n".str_repeat("c;2\n", 80).'d;3');

        self::assertSame([['a', 'b'], ['open', '1'], ['c', '2']], array_map(static fn (Row $row): array => $row->cells, array_slice($rows, 0, 3)));
        self::assertSame([false, true, false], array_map(static fn (Row $row): bool => $row->isTorn, array_slice($rows, 0, 3)));
        self::assertSame([83, ['d', '3']], [count($rows), $rows[82]->cells]);
    }

    public function test_an_endless_line_is_read_in_parts_and_in_little_memory(): void
    {
        $rows = $this->read(str_repeat('x', 200_000)."\nb;1");

        self::assertSame([['b', '1']], [array_map(static fn (Row $row): array => $row->cells, $rows)[count($rows) - 1]]);
    }

    /** @return list<Row> */
    private function read(string $text): array
    {
        $stream = $this->stream();
        fwrite($stream, $text);

        return iterator_to_array((new RowReader($stream, Separator::Semicolon))->rows(0, 1), false);
    }

    /** @return resource */
    private function stream()
    {
        $stream = fopen('php://memory', 'w+b');
        self::assertIsResource($stream);

        return $stream;
    }
}
