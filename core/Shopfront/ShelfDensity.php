<?php

declare(strict_types=1);

namespace PaperKite\Shopfront;

/** How close the goods of a shelf stand. */
enum ShelfDensity: string
{
    /** One below the other: name, price, button. */
    case Rows = 'rows';

    /** Beside each other, each with its picture. */
    case Cards = 'cards';

    /** Beside each other, each with a large picture and its short description. */
    case Large = 'large';

    public function label(): string
    {
        return match ($this) {
            self::Rows => 'Lines',
            self::Cards => 'Cards',
            self::Large => 'Large cards with text',
        };
    }

    /** How many stand on a page of it. */
    public function perPage(): int
    {
        return match ($this) {
            self::Rows, self::Cards => 12,
            self::Large => 6,
        };
    }
}
