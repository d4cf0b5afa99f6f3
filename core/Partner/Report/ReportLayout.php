<?php

declare(strict_types=1);

namespace PaperKite\Partner\Report;

use PaperKite\Sheet\DayOrder;
use PaperKite\Sheet\Number;
use PaperKite\Sheet\Row;
use PaperKite\Text\DecimalMark;
use PaperKite\Text\FieldErrors;

/** Which column of a marketplace's reports holds what, and how its amounts and days are written. Columns are known by their names, wherever they stand. */
final readonly class ReportLayout
{
    /** @param  array<string, string>  $columns  names of columns by the values of fields */
    public function __construct(
        public array $columns,
        public DecimalMark $mark,
        public DayOrder $order,
    ) {}

    /**
     * What a sheet looks like, where nobody has said anything of it.
     *
     * @param  list<string>  $header
     * @param  list<Row>  $rows  the first ones
     */
    public static function guess(array $header, array $rows): self
    {
        $columns = [];
        foreach (ReportField::cases() as $field) {
            foreach ($header as $name) {
                if (! isset($columns[$field->value]) && ! in_array($name, $columns, true) && $field->isNamed($name)) {
                    $columns[$field->value] = $name;
                }
            }
        }
        $cells = static fn (ReportField $field): array => self::cells($header, $rows, $columns[$field->value] ?? null);

        return new self($columns, Number::markOf([...$cells(ReportField::Amount), ...$cells(ReportField::Commission)]), DayOrder::detect($cells(ReportField::Day)));
    }

    /**
     * @param  list<string>  $header
     * @return array<string, string> what is wrong with it for such a sheet, by field
     */
    public function errors(array $header): array
    {
        $wrong = new FieldErrors;
        foreach (ReportField::NEEDED as $field) {
            if (($this->columns[$field->value] ?? '') === '') {
                $wrong->add($field->value, "Choose the column: {$field->label()}.");
            }
        }
        if (($this->columns[ReportField::SubId->value] ?? '') === '' && ($this->columns[ReportField::Item->value] ?? '') === '') {
            $wrong->add(ReportField::SubId->value, 'Choose the column of the sub-ID or of the item; without both no sale can be credited.');
        }
        foreach ($this->columns as $field => $name) {
            if (! in_array($name, $header, true)) {
                $wrong->add($field, "The report has no column “{$name}”; choose another.");
            } elseif (count(array_keys($this->columns, $name, true)) > 1) {
                $wrong->add($field, "“{$name}” is chosen twice; each column holds one thing.");
            }
        }

        return $wrong->all();
    }

    /**
     * @param  list<string>  $header
     * @return array<string, int> the numbers of columns by the values of fields
     */
    public function places(array $header): array
    {
        $places = [];
        foreach ($this->columns as $field => $name) {
            $place = array_search($name, $header, true);
            if ($place !== false) {
                $places[$field] = $place;
            }
        }

        return $places;
    }

    /**
     * @param  list<string>  $header
     * @param  list<Row>  $rows
     * @return list<string>
     */
    private static function cells(array $header, array $rows, ?string $column): array
    {
        $place = $column === null ? false : array_search($column, $header, true);

        return $place === false ? [] : array_map(static fn (Row $row): string => $row->cells[$place] ?? '', $rows);
    }
}
