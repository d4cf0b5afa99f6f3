<?php

declare(strict_types=1);

namespace PaperKite\Partner\Report;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Sheet\Damage;
use PaperKite\Sheet\Number;
use PaperKite\Sheet\Row;

/** Reads a row of a marketplace's report as a sale, or says why it is none. */
final readonly class ReadSale
{
    private const TOTALS = '/\A(?:grand |sub)?(?:totals?|sums?)\b|\A(?:gesamt|summen?|zwischensumme|insgesamt|endsumme|total(?:es)?|suma|summa|totalt)\b/iu';

    private const LARGEST = 999_999_999_999;

    private const MOST_PIECES = 1_000_000;

    private const LONGEST_TEXT = 190;

    /** @param  array<string, int>  $places  of columns, by the values of fields */
    public function __construct(
        private array $places,
        private ReportLayout $layout,
        private Currency $currency,
    ) {}

    public function of(Row $row): Sale|RowFault
    {
        if ($row->isTorn) {
            return RowFault::torn();
        }
        $day = $this->cell($row, ReportField::Day);
        $when = $this->layout->order->read($day);
        if ($when === null) {
            return $this->isTotals($row) ? RowFault::totals() : $this->fault($day, RowFault::day($day));
        }
        $stated = mb_strtoupper($this->cell($row, ReportField::Currency), 'UTF-8');
        if ($stated !== '' && $stated !== $this->currency->code) {
            return RowFault::currency($stated, $this->currency->code);
        }
        $commission = $this->money($row, ReportField::Commission);
        $amount = $this->cell($row, ReportField::Amount) === '' ? null : $this->money($row, ReportField::Amount);
        $pieces = $this->pieces($row);
        $damage = $this->damaged($row);
        foreach ([$commission, $amount, $pieces, $damage] as $read) {
            if ($read instanceof RowFault) {
                return $read;
            }
        }

        return new Sale($when[0], $when[1], $this->text($row, ReportField::SubId), $this->text($row, ReportField::Item), $this->text($row, ReportField::Category), $amount instanceof Money ? $amount : null, $commission instanceof Money ? $commission : Money::zero($this->currency), is_int($pieces) ? $pieces : 1, $this->text($row, ReportField::Reference));
    }

    private function isTotals(Row $row): bool
    {
        $first = array_values(array_filter(array_map(trim(...), $row->cells), static fn (string $cell): bool => $cell !== ''))[0] ?? '';

        return preg_match(self::TOTALS, $first) === 1;
    }

    private function money(Row $row, ReportField $field): Money|RowFault
    {
        $cell = $this->cell($row, $field);
        $number = Number::read($cell, $this->layout->mark);
        if ($number === null) {
            return $this->fault($cell, RowFault::amount($cell, $field));
        }
        try {
            // Marketplaces reckon with more decimals than anybody pays.
            $value = BigDecimal::of($number)->toScale($this->currency->digits, RoundingMode::HALF_UP);

            return $value->abs()->isGreaterThan(self::LARGEST) ? RowFault::amount($cell, $field) : Money::ofMinor($value->getUnscaledValue()->toInt(), $this->currency);
        } catch (MathException) {
            return RowFault::amount($cell, $field);
        }
    }

    private function pieces(Row $row): int|RowFault
    {
        $cell = $this->cell($row, ReportField::Quantity);
        $number = $cell === '' ? '1' : Number::read($cell, $this->layout->mark);
        if ($number === null || preg_match('/\A-?\d{1,9}(?:\.0+)?\z/', $number) !== 1 || abs((int) $number) > self::MOST_PIECES) {
            return $this->fault($cell, RowFault::quantity($cell));
        }

        return (int) $number;
    }

    private function damaged(Row $row): ?RowFault
    {
        foreach ([ReportField::SubId, ReportField::Item, ReportField::Reference] as $field) {
            $cell = $this->cell($row, $field);
            $damage = Damage::inReference($cell);
            if ($damage !== null) {
                return RowFault::cell($damage->sentence($cell));
            }
        }

        return null;
    }

    private function fault(string $cell, RowFault $otherwise): RowFault
    {
        $damage = Damage::in($cell);

        return $damage === null ? $otherwise : RowFault::cell($damage->sentence($cell));
    }

    private function text(Row $row, ReportField $field): string
    {
        return mb_substr((string) preg_replace('/[\p{C}\p{Z}]+/u', ' ', $this->cell($row, $field)), 0, self::LONGEST_TEXT, 'UTF-8');
    }

    private function cell(Row $row, ReportField $field): string
    {
        $place = $this->places[$field->value] ?? null;
        $cell = $place === null ? '' : trim($row->cells[$place] ?? '');

        // What a program was told to take for text.
        return str_starts_with($cell, "'") ? substr($cell, 1) : $cell;
    }
}
