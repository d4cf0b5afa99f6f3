<?php

declare(strict_types=1);

namespace PaperKite\Medium;

use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;
use PaperKite\Text\Line;

/** The form in which a seller stands offers side by side. */
final readonly class TableEntry
{
    private const LONGEST_NAME = 80;

    private const LONGEST_BADGE = 30;

    /**
     * @param  array<string, string>  $errors  sentences by path
     * @param  list<TableEntryColumn>  $columns
     */
    private function __construct(
        public array $errors,
        public string $name,
        public array $columns,
        /** The offer whose column stands out; `null`: none. */
        public ?int $stressed,
        /** What stands above that column; blank: nothing. */
        public string $badge,
    ) {}

    /** What is wrong is left blank, so that what is right can be shown meanwhile. */
    public static function read(FormInput $typed): self
    {
        $wrong = new FieldErrors;
        $name = $wrong->at('name', static fn (): string => Line::of($typed->text('name'), 'The name of the price table', self::LONGEST_NAME)->text) ?? '';
        $badge = trim($typed->text('badge'), ' ') === '' ? '' : $wrong->at('badge', static fn (): string => Line::of($typed->text('badge'), 'The badge', self::LONGEST_BADGE)->text) ?? '';
        $columns = [];
        foreach ($typed->items('columns') as $column) {
            $columns[] = new TableEntryColumn(
                $column->id('offer_id') ?? 0,
                $wrong->at($column->path('name'), static fn (): string => ColumnWords::readName($column->text('name'))) ?? '',
                $wrong->at($column->path('text'), static fn (): string => ColumnWords::readText($column->text('text'))) ?? '',
            );
        }
        $offers = array_map(static fn (TableEntryColumn $column): int => $column->offer, $columns);
        if (count($offers) < PriceTable::FEWEST || count($offers) > PriceTable::MOST || count(array_unique($offers)) !== count($offers)) {
            $wrong->add('columns', 'A price table shows two to four offers, each once; choose '.(count($offers) < PriceTable::FEWEST ? 'more.' : 'fewer.'));
        }
        $stressed = $typed->id('stressed');

        return new self($wrong->all(), $name, $columns, in_array($stressed, $offers, true) ? $stressed : null, $badge);
    }
}
