<?php

declare(strict_types=1);

namespace PaperKite\Medium;

/** The rows of a price table: what no column has takes no room. Counted from 1. */
final readonly class TableRows
{
    private function __construct(
        /** `null`: no column has one. */
        public ?int $badge,
        public int $name,
        /** The first of them; `null`: no column has any. */
        public ?int $lines,
        public int $lineCount,
        public ?int $price,
        public int $button,
    ) {}

    /** @param  list<TableColumn>  $columns */
    public static function of(array $columns, bool $hasBadge): self
    {
        $row = 0;
        $lines = max([0, ...array_map(static fn (TableColumn $column): int => count($column->words->lines), $columns)]);
        $badge = $hasBadge ? ++$row : null;
        $name = ++$row;
        $first = $lines === 0 ? null : $row + 1;
        $row += $lines;
        $hasPrice = array_filter($columns, static fn (TableColumn $column): bool => $column->tellsPrice()) !== [];

        return new self($badge, $name, $first, $lines, $hasPrice ? ++$row : null, $row + 1);
    }

    public function count(): int
    {
        return $this->button;
    }
}
