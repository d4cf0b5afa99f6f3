<?php

declare(strict_types=1);

namespace App\PartnerReports;

use PaperKite\Partner\Report\ReportField;
use PaperKite\Sheet\Row;
use PaperKite\Sheet\RowReader;

/** How a report begins: the names of its columns, and its first rows. Above the names may stand what the report is of. */
final readonly class ReportStart
{
    private const LOOKED_AT = 20;

    private const MOST_COLUMNS = 100;

    private const LONGEST_NAME = 80;

    /**
     * @param  list<string>  $header  of which no two are alike
     * @param  list<Row>  $rows  the first ones below it
     */
    private function __construct(
        public array $header,
        public array $rows,
        /** In bytes, where the first row below the names begins. */
        public int $from,
        /** The number of that row. */
        public int $number,
    ) {}

    /** @throws UnusableReport */
    public static function of(RowReader $reader): self
    {
        $rows = [];
        foreach ($reader->rows(0, 1) as $row) {
            $rows[] = $row;
            if (count($rows) >= 2 * self::LOOKED_AT) {
                break;
            }
        }
        $header = self::headerAmong($rows) ?? throw UnusableReport::blank();
        if (count($header->cells) < 2) {
            throw UnusableReport::oneColumn();
        }
        $below = array_values(array_filter($rows, static fn (Row $row): bool => $row->number > $header->number && ! $row->isBlank()));

        return $below === [] ? throw UnusableReport::blank() : new self(self::names($header->cells), array_slice($below, 0, self::LOOKED_AT), $header->end, $header->number + 1);
    }

    /** @param  list<Row>  $rows */
    private static function headerAmong(array $rows): ?Row
    {
        $best = null;
        $most = 0;
        foreach (array_slice($rows, 0, self::LOOKED_AT) as $row) {
            $named = count(array_filter($row->cells, static fn (string $cell): bool => array_filter(ReportField::cases(), static fn (ReportField $field): bool => $field->isNamed($cell)) !== []));
            if ($named > $most) {
                [$best, $most] = [$row, $named];
            }
        }
        $wide = array_values(array_filter($rows, static fn (Row $row): bool => count(array_filter($row->cells, static fn (string $cell): bool => trim($cell) !== '')) > 1));

        return $best ?? $wide[0] ?? array_values(array_filter($rows, static fn (Row $row): bool => ! $row->isBlank()))[0] ?? null;
    }

    /**
     * @param  list<string>  $cells
     * @return list<string>
     */
    private static function names(array $cells): array
    {
        $names = [];
        foreach (array_slice($cells, 0, self::MOST_COLUMNS) as $index => $cell) {
            $name = mb_substr(trim((string) preg_replace('/[\p{C}\p{Z}]+/u', ' ', $cell)), 0, self::LONGEST_NAME, 'UTF-8');
            $name = $name === '' ? 'Column '.($index + 1) : $name;
            for ($plain = $name, $n = 2; in_array($name, $names, true); $n++) {
                $name = "{$plain} ({$n})";
            }
            $names[] = $name;
        }

        return $names;
    }
}
