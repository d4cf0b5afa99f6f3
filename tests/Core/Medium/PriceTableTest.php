<?php

declare(strict_types=1);

namespace Tests\Core\Medium;

use DOMDocument;
use DOMElement;
use DOMXPath;
use PaperKite\Look\ShippedLooks;
use PaperKite\Medium\ColumnWords;
use PaperKite\Medium\Placed;
use PaperKite\Medium\PlacedGoods;
use PaperKite\Medium\PriceTable;
use PaperKite\Medium\TableColumn;
use PaperKite\Medium\TableEntry;
use PaperKite\Refusal;
use PaperKite\Text\FormInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Samples;

/** What stands in which row of a price table, and what its form takes. */
final class PriceTableTest extends TestCase
{
    public function test_what_columns_say_of_one_thing_stands_in_one_row(): void
    {
        $table = self::table([self::column('Small', "Lasts a week\n\nGlass"), self::column('', 'Lasts a month'), self::column('Large', '', priced: false)], 1, 'Most taken');

        self::assertSame([
            ['2' => 'Small', '3 / span 3' => 'Lasts a week|Glass', '6' => '€9.80', '7' => 'Buy now'],
            ['1' => 'Most taken', '2' => 'Heather honey', '3 / span 3' => 'Lasts a month', '6' => '€9.80', '7' => 'Buy now'],
            ['2' => 'Large', '7' => 'Buy now'],
        ], self::rows($table));
        self::assertSame(['1', '3'], array_map(static fn (DOMElement $line): string => self::row($line), self::found($table, '//li[contains(@style, "subgrid")][1]//li')));
        self::assertSame(['span 7', 'span 7', 'span 7'], array_map(self::row(...), self::found($table, '//li[contains(@style, "subgrid")]')));
    }

    public function test_rows_that_no_column_has_take_no_room(): void
    {
        $table = self::table([self::column('', '', priced: false), self::column('', '', priced: false)], null, 'Never seen');

        self::assertSame([['1' => 'Heather honey', '2' => 'Buy now'], ['1' => 'Heather honey', '2' => 'Buy now']], self::rows($table));
    }

    public function test_each_button_tells_which_column_it_belongs_to(): void
    {
        $table = self::table([self::column('Small "one"', ''), self::column('', '')], null, '');

        self::assertSame(['Buy now: Small "one"', 'Buy now: Heather honey'], array_map(static fn (DOMElement $link): string => $link->getAttribute('aria-label'), self::found($table, '//a')));
    }

    /** @param  array<mixed>  $typed */
    #[DataProvider('entries')]
    public function test_what_is_wrong_in_the_form_is_said_where_it_stands(array $typed, string $path, string $sentence): void
    {
        $columns = ['columns' => [['offer_id' => 1], ['offer_id' => 2]]];
        $entry = TableEntry::read(FormInput::of($typed + ['name' => 'Jars'] + $columns));

        self::assertSame([$path => $sentence], $entry->errors);
    }

    /** @return iterable<string, array{array<mixed>, string, string}> */
    public static function entries(): iterable
    {
        yield 'no name' => [['name' => ' '], 'name', 'The name of the price table is missing.'];
        yield 'a name of another kind' => [['name' => ['x']], 'name', 'The name of the price table is missing.'];
        yield 'a badge too long' => [['badge' => str_repeat('ß', 31)], 'badge', 'The badge has 31 characters; shorten it to 30.'];
        yield 'one column' => [['columns' => [['offer_id' => 1]]], 'columns', 'A price table shows two to four offers, each once; choose more.'];
        yield 'an offer twice' => [['columns' => [['offer_id' => 1], ['offer_id' => 1]]], 'columns', 'A price table shows two to four offers, each once; choose fewer.'];
        yield 'a line too long' => [['columns' => [['offer_id' => 1], ['offer_id' => 2, 'text' => "short\n".str_repeat('x', 101)]]], 'columns.1.text', 'A line of the column has 101 characters; shorten it to 100.'];
        yield 'a line too many' => [['columns' => [['offer_id' => 1, 'text' => "1\n2\n3\n4\n5\n6\n7"], ['offer_id' => 2]]], 'columns.0.text', 'The text of the column has 7 lines; shorten it to 6.'];
    }

    public function test_lines_are_kept_as_they_stand_but_for_their_ends(): void
    {
        self::assertSame("a\n\nשלום", ColumnWords::readText(" a \r\n\t\r\n שלום\r\n\r\n"));
        self::assertSame('', ColumnWords::readText("\n \n"));
        self::assertSame([['a', '', 'b'], []], [ColumnWords::kept('', "a\n\nb")->lines, ColumnWords::kept('', '')->lines]);
        $this->expectException(Refusal::class);
        ColumnWords::readText("a\u{2028}b");
    }

    /**
     * @param  list<TableColumn>  $columns
     */
    private static function table(array $columns, ?int $stressed, string $badge): DOMXPath
    {
        $document = new DOMDocument;
        $document->loadHTML('<meta charset="utf-8">'.(new PriceTable('Jars', $columns, $stressed, $badge))->html());

        return new DOMXPath($document);
    }

    private static function column(string $name, string $text, bool $priced = true): TableColumn
    {
        $goods = new PlacedGoods('Heather honey', 'honey-340', '', null, 1, Samples::euros(980));

        return new TableColumn(new Placed('https://honey.example/k/abc1234', 'Buy now', ShippedLooks::all()['Kite silk'], false, 'https://honey.example', [$goods], $priced ? Samples::euros(980) : null, true), ColumnWords::kept($name, $text));
    }

    /** @return list<array<array-key, string>> what stands in each column, by its row */
    private static function rows(DOMXPath $table): array
    {
        return array_map(static function (DOMElement $column): array {
            $rows = [];
            foreach ($column->childNodes as $cell) {
                if ($cell instanceof DOMElement) {
                    $lines = $cell->tagName === 'ul' ? array_map(static fn ($line): string => $line->textContent, iterator_to_array($cell->childNodes, false)) : [$cell->textContent];
                    $rows[self::row($cell)] = implode('|', $lines);
                }
            }

            return $rows;
        }, self::found($table, '//li[contains(@style, "subgrid")]'));
    }

    private static function row(DOMElement $element): string
    {
        return preg_match('/grid-row:([^;]+)/', $element->getAttribute('style'), $row) === 1 ? $row[1] : '';
    }

    /** @return list<DOMElement> */
    private static function found(DOMXPath $table, string $path): array
    {
        return array_values(array_filter(iterator_to_array($table->query($path) ?: [], false), static fn ($node): bool => $node instanceof DOMElement));
    }
}
