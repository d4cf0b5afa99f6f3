<?php

declare(strict_types=1);

namespace PaperKite\Medium;

/** A place in a price table. It is pasted with the table that it stands in. */
final readonly class InTable implements Medium
{
    public function key(): string
    {
        return 'price_table';
    }

    public function label(): string
    {
        return 'Price table';
    }

    public function isLive(): bool
    {
        return false;
    }

    public function opensTabs(): bool
    {
        return true;
    }

    public function note(): string
    {
        return 'A column of a price table, which is copied as a whole.';
    }

    public function snippet(Placed $placed): string
    {
        return (new HtmlButton)->snippet($placed);
    }
}
