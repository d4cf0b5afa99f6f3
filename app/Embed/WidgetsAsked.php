<?php

declare(strict_types=1);

namespace App\Embed;

/** What of its widgets a page asks for, beside which they are. */
final readonly class WidgetsAsked
{
    private function __construct(
        /** Whether all about their goods is told, whatever their form. */
        public bool $areWhole,
        /** Of shelves, from 1. */
        public int $page,
        /** The SKU of an item of the one shelf that is asked for; blank: none is. */
        public string $item,
    ) {}

    public static function all(): self
    {
        return new self(false, 1, '');
    }

    public static function whole(string $item): self
    {
        return new self(true, 1, $item);
    }

    public static function page(int $page): self
    {
        return new self(false, $page, '');
    }
}
