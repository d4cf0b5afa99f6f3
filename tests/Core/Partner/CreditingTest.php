<?php

declare(strict_types=1);

namespace Tests\Core\Partner;

use Eris\Generators;
use Eris\TestTrait;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Partner\Counting;
use PaperKite\Partner\Report\Candidate;
use PaperKite\Partner\Report\ClickBook;
use PaperKite\Partner\Report\Clicks;
use PaperKite\Partner\Report\Credit;
use PaperKite\Partner\Report\CreditedBy;
use PaperKite\Partner\Report\Crediting;
use PaperKite\Partner\Report\Place;
use PaperKite\Partner\Report\ReadSale;
use PaperKite\Partner\Report\ReportLayout;
use PaperKite\Partner\Report\RowFault;
use PaperKite\Partner\Report\Sale;
use PaperKite\Partner\Report\Uncredited;
use PaperKite\Sheet\DayOrder;
use PaperKite\Sheet\Row;
use PaperKite\Text\DecimalMark;
use PaperKite\Time\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Rows of a report are read as sales, and each is credited to the place that it came from, or it is said why not. */
final class CreditingTest extends TestCase
{
    use TestTrait;

    private const HEADER = ['Date', 'Sub ID', 'Item', 'Amount', 'Commission', 'Qty', 'Currency', 'Category', 'Order'];

    /** @return iterable<string, array{list<string>, string}> */
    public static function rows(): iterable
    {
        $row = static fn (array $changes): array => array_values(array_map(static fn (mixed $cell): string => is_string($cell) ? $cell : '', array_replace(['01.05.2026', 'abc1234', 'w204', '46,00', '1,84', '1', 'EUR', 'Lamps', 'R-1'], $changes)));

        yield 'a sale' => [$row([]), '2026-05-01 - abc1234 w204 46.00 1.84 1 Lamps R-1'];
        yield 'with its hour' => [$row([0 => '01.05.2026 17:20']), '2026-05-01 17 abc1234 w204 46.00 1.84 1 Lamps R-1'];
        yield 'given back' => [$row([3 => '-46,00', 4 => '(1,84)', 5 => '-1']), '2026-05-01 - abc1234 w204 -46.00 -1.84 -1 Lamps R-1 back'];
        yield 'more decimals than are paid' => [$row([4 => '1,8451']), '2026-05-01 - abc1234 w204 46.00 1.85 1 Lamps R-1'];
        yield 'without an amount' => [$row([3 => '']), '2026-05-01 - abc1234 w204 none 1.84 1 Lamps R-1'];
        yield 'an apostrophe that says text' => [$row([1 => "'=abc"]), '2026-05-01 - =abc w204 46.00 1.84 1 Lamps R-1'];
        yield 'totals' => [$row([0 => 'Gesamt', 1 => '']), 'A row of totals; the sales in it stand above.'];
        yield 'totals after a blank' => [['', '', 'Grand total', '', '18,00', '', '', '', ''], 'A row of totals; the sales in it stand above.'];
        yield 'no day' => [$row([0 => 'soon']), '“soon” is no day; say in which order days are written, or choose another column.'];
        yield 'a blank day' => [$row([0 => '']), 'The day of the sale is missing.'];
        yield 'another currency' => [$row([6 => 'sek']), 'The row is in “SEK”, and this marketplace reckons in EUR; choose the marketplace that the report is of.'];
        yield 'no amount' => [$row([4 => 'pending']), 'Commission: “pending” is no amount; say whether decimals stand behind a point or a comma.'];
        yield 'a blank commission' => [$row([4 => '']), 'Commission: the cell is blank.'];
        yield 'half a piece' => [$row([5 => '0,5']), '“0,5” is no number of pieces; choose another column.'];
        yield 'an item that a program has rounded' => [$row([2 => '4.71E+11']), '“4.71E+11” was a long number, which a program has rounded; take the report as it was downloaded, without opening it in between.'];
        yield 'too short a row' => [['01.05.2026'], 'Commission: the cell is blank.'];
    }

    /** @param  list<string>  $cells */
    #[DataProvider('rows')]
    public function test_a_row_is_read_as_a_sale_or_told_why_it_is_none(array $cells, string $expected): void
    {
        $layout = ReportLayout::guess(self::HEADER, [new Row(2, ['01.05.2026', '', '', '46,00', '1,84'], 0)]);
        self::assertSame([], $layout->errors(self::HEADER));
        $read = (new ReadSale($layout->places(self::HEADER), $layout, Currency::of('EUR')))->of(new Row(2, $cells, 0));

        self::assertSame($expected, $read instanceof RowFault ? $read->sentence : trim(implode(' ', [$read->day->text(), $read->hour ?? '-', $read->subId, $read->item, $read->amount?->decimal() ?? 'none', $read->commission->decimal(), $read->quantity, $read->category, $read->reference, $read->isRefund() ? 'back' : ''])));
    }

    public function test_columns_are_found_by_their_names_in_four_languages_and_asked_for_where_they_are_not(): void
    {
        self::assertSame(['day' => 'Datum', 'sub_id' => 'Unter-ID', 'item' => 'Artikelnummer', 'amount' => 'Umsatz', 'commission' => 'Vergütung'], ReportLayout::guess(['Umsatz', 'Datum', 'Unter-ID', 'Artikelnummer', 'Vergütung'], [])->columns);
        self::assertSame(['day' => 'Fecha', 'item' => 'Artículo', 'commission' => 'Comisión'], ReportLayout::guess(['Fecha', 'Artículo', 'Comisión'], [])->columns);
        $layout = new ReportLayout(['day' => 'A', 'amount' => 'A', 'quantity' => 'gone'], DecimalMark::Point, DayOrder::DayFirst);

        self::assertSame([
            'commission' => 'Choose the column: Commission.',
            'sub_id' => 'Choose the column of the sub-ID or of the item; without both no sale can be credited.',
            'day' => '“A” is chosen twice; each column holds one thing.',
            'amount' => '“A” is chosen twice; each column holds one thing.',
            'quantity' => 'The report has no column “gone”; choose another.',
        ], $layout->errors(['A', 'B']));
    }

    /** @return iterable<string, array{Counting, array<string, mixed>, string}> */
    public static function sales(): iterable
    {
        yield 'its sub-ID' => [Counting::AnyGoods, ['subId' => 'abc1234'], 'sub_id 7'];
        yield 'a label' => [Counting::AnyGoods, ['subId' => 'from3'], 'sub_id label 3'];
        yield 'somebody elses sub-ID' => [Counting::AnyGoods, ['subId' => 'foreign'], 'unknown_sub_id'];
        yield 'another item of the same basket, whatever is bought' => [Counting::AnyGoods, ['subId' => 'abc1234', 'item' => 'x99'], 'sub_id 7'];
        yield 'another item, where the same counts' => [Counting::SameItem, ['subId' => 'abc1234', 'item' => 'x99'], 'other_item'];
        yield 'the same item' => [Counting::SameItem, ['subId' => 'abc1234', 'item' => 'w204'], 'sub_id 7'];
        yield 'an item that is not said' => [Counting::SameItem, ['subId' => 'abc1234', 'item' => ''], 'sub_id 7'];
        yield 'another item of the category' => [Counting::SameCategory, ['subId' => 'abc1234', 'item' => 'x99', 'category' => 'Lamps'], 'sub_id 7'];
        yield 'another category' => [Counting::SameCategory, ['subId' => 'abc1234', 'item' => 'x99', 'category' => 'Wool'], 'other_category'];
        yield 'a category that is not said' => [Counting::SameCategory, ['subId' => 'abc1234', 'item' => 'x99'], 'no_category'];
        yield 'one place clicked on the item' => [Counting::SameItem, ['item' => 'w310'], 'item 8 of 8:2'];
        yield 'more than one, and one of them more' => [Counting::SameItem, ['item' => 'w204'], 'unsure 7 of 7:3,8:1'];
        yield 'as many from two' => [Counting::SameItem, ['item' => 'w204', 'day' => '2026-05-03'], 'tie of 7:1,9:1'];
        yield 'too long ago' => [Counting::SameItem, ['item' => 'w204', 'day' => '2026-05-20'], 'no_click'];
        yield 'an hour too late' => [Counting::SameItem, ['item' => 'w310', 'day' => '2026-05-02', 'hour' => 13], 'no_click'];
        yield 'in the last hour' => [Counting::SameItem, ['item' => 'w310', 'day' => '2026-05-02', 'hour' => 12], 'item 8 of 8:2'];
        yield 'before the click' => [Counting::SameItem, ['item' => 'w310', 'day' => '2026-05-01', 'hour' => 11], 'no_click'];
        yield 'an item of nobody, where the same counts' => [Counting::SameItem, ['item' => 'x99'], 'unknown_item'];
        yield 'an item of nobody, whatever is bought' => [Counting::AnyGoods, ['item' => 'x99'], 'tie of 7:3,8:3'];
        yield 'an item of nobody, of a category' => [Counting::SameCategory, ['item' => 'x99', 'category' => 'Wool'], 'item 8 of 8:2'];
        yield 'an item of nobody, of none' => [Counting::SameCategory, ['item' => 'x99'], 'no_category'];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('sales')]
    public function test_a_sale_is_credited_as_its_marketplace_counts(Counting $counts, array $changes, string $expected): void
    {
        $crediting = new Crediting($counts, 24, ['w204' => [1], 'w310' => [2]], [1 => 'Lamps', 2 => 'Wool'], ['abc1234' => Place::placement(7), 'from3' => Place::label(3)], [Place::placement(7)->key() => [1]]);
        $clicks = new ClickBook([
            self::clicks(7, 1, '2026-05-01', 10, 3), self::clicks(8, 1, '2026-05-01', 11, 1), self::clicks(8, 2, '2026-05-01', 12, 2),
            self::clicks(7, 1, '2026-05-03', 9, 1), self::clicks(9, 1, '2026-05-03', 10, 1),
        ]);

        self::assertSame($expected, self::told($crediting->of(self::sale($changes), $clicks)));
    }

    public function test_clicks_are_counted_as_if_each_were_looked_at(): void
    {
        $click = Generators::tuple(Generators::choose(1, 4), Generators::choose(1, 3), Generators::choose(0, 60), Generators::choose(1, 3));
        $this->limitTo(100)->forAll(Generators::seq($click), Generators::choose(0, 60), Generators::choose(0, 30))->then(static function (array $drawn, int $first, int $length): void {
            $clicks = [];
            foreach ($drawn as $each) {
                [$place, $product, $hour, $count] = array_map(static fn (mixed $value): int => is_int($value) ? $value : 0, array_values((array) $each));
                $clicks[] = new Clicks(Place::placement($place), $product, $hour, $count);
            }
            usort($clicks, static fn (Clicks $a, Clicks $b): int => $a->hour <=> $b->hour);
            $expected = [];
            foreach ($clicks as $each) {
                if ($each->productId < 3 && $each->hour >= $first && $each->hour <= $first + $length) {
                    $expected[$each->place->placementId] = ($expected[$each->place->placementId] ?? 0) + $each->count;
                }
            }
            $found = [];
            foreach ((new ClickBook($clicks))->candidates([1, 2], $first, $first + $length) as $candidate) {
                $found[$candidate->place->placementId] = $candidate->clicks;
            }
            self::assertEquals($expected, $found);
            self::assertSame(array_values($found), array_values(array_reverse(array_reverse($found))));
        });
    }

    private static function told(Credit $credit): string
    {
        $candidates = $credit->candidates === [] ? '' : ' of '.implode(',', array_map(static fn (Candidate $each): string => "{$each->place->placementId}:{$each->clicks}", $credit->candidates));
        if ($credit->by === CreditedBy::Nothing) {
            return ($credit->why ?? Uncredited::NoClick)->value.$candidates;
        }
        $place = $credit->place ?? self::fail('What is credited is credited to a place.');

        return "{$credit->by->value} ".($place->labelId === 0 ? $place->placementId : "label {$place->labelId}").$candidates;
    }

    private static function clicks(int $place, int $product, string $day, int $hour, int $count): Clicks
    {
        return new Clicks(Place::placement($place), $product, Day::read($day)->number() * 24 + $hour, $count);
    }

    /** @param  array<string, mixed>  $changes */
    private static function sale(array $changes): Sale
    {
        $text = static fn (string $key, string $otherwise): string => is_string($changes[$key] ?? null) ? $changes[$key] : $otherwise;

        return new Sale(Day::read($text('day', '2026-05-01')), is_int($changes['hour'] ?? null) ? $changes['hour'] : null, $text('subId', ''), $text('item', ''), $text('category', ''), null, Money::ofMinor(184, Currency::of('EUR')), 1, '');
    }
}
