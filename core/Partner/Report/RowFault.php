<?php

declare(strict_types=1);

namespace PaperKite\Partner\Report;

/** Why a row of a report is no sale: what it says itself, or a cell that can't be read. */
final readonly class RowFault
{
    private function __construct(
        public string $sentence,
        /** Whether there is nothing to mend: a row of totals. */
        public bool $isTotals = false,
    ) {}

    public static function totals(): self
    {
        return new self('A row of totals; the sales in it stand above.', true);
    }

    public static function torn(): self
    {
        return new self('A quotation mark in this row is never closed; take the report as it was downloaded.');
    }

    public static function cell(string $sentence): self
    {
        return new self($sentence);
    }

    public static function day(string $cell): self
    {
        return new self($cell === '' ? 'The day of the sale is missing.' : '“'.self::shown($cell).'” is no day; say in which order days are written, or choose another column.');
    }

    public static function amount(string $cell, ReportField $field): self
    {
        return new self($cell === '' ? "{$field->label()}: the cell is blank." : "{$field->label()}: “".self::shown($cell).'” is no amount; say whether decimals stand behind a point or a comma.');
    }

    public static function currency(string $cell, string $expected): self
    {
        return new self('The row is in “'.self::shown($cell)."”, and this marketplace reckons in {$expected}; choose the marketplace that the report is of.");
    }

    public static function quantity(string $cell): self
    {
        return new self('“'.self::shown($cell).'” is no number of pieces; choose another column.');
    }

    private static function shown(string $cell): string
    {
        return mb_strimwidth($cell, 0, 40, '…', 'UTF-8');
    }
}
