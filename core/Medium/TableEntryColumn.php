<?php

declare(strict_types=1);

namespace PaperKite\Medium;

/** A column of a price table as a seller enters it. */
final readonly class TableEntryColumn
{
    public function __construct(
        /** By its number. */
        public int $offer,
        /** Blank: what it sells. */
        public string $name,
        /** Up to six lines. */
        public string $text,
    ) {}
}
