<?php

declare(strict_types=1);

namespace PaperKite\Sheet;

/** A row of a sheet that comes in. */
final readonly class Row
{
    /** @param  list<string>  $cells  UTF-8 */
    public function __construct(
        /** Counted from 1, the header with it. */
        public int $number,
        public array $cells,
        /** Where the next one begins, in bytes. */
        public int $end,
        /** Whether a quotation mark in it is never closed: it was taken as a letter. */
        public bool $isTorn = false,
    ) {}

    public function isBlank(): bool
    {
        return array_filter($this->cells, static fn (string $cell): bool => trim($cell) !== '') === [];
    }
}
