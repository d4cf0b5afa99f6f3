<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

/** Whether what is picked can be had. */
enum Availability
{
    case ForSale;

    /** Nothing is left of it. */
    case SoldOut;

    /** Something is left, and less than is picked. */
    case TooFew;

    /** The seller still works on it. */
    case Draft;

    public static function of(bool $isDraft, Stock $stock, int $pieces): self
    {
        return match (true) {
            $isDraft => self::Draft,
            $stock->covers($pieces) => self::ForSale,
            $stock->covers(1) => self::TooFew,
            default => self::SoldOut,
        };
    }
}
