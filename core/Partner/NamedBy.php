<?php

declare(strict_types=1);

namespace PaperKite\Partner;

/** How a seller names what is to be had at a marketplace. */
enum NamedBy: string
{
    case Address = 'address';
    case Reference = 'reference';
    case Search = 'search';

    public function label(): string
    {
        return match ($this) {
            self::Address => 'Address of its page',
            self::Reference => 'Item number',
            self::Search => 'Search words',
        };
    }
}
