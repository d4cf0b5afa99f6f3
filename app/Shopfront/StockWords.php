<?php

declare(strict_types=1);

namespace App\Shopfront;

use PaperKite\Catalogue\Stock;

/** What a shopper is told of the stock. */
final class StockWords
{
    private const FEW = 5;

    /** @param  bool  $isOver  whether its date has passed */
    public static function of(Stock $stock, bool $isOver = false): string
    {
        return match (true) {
            $isOver => 'This date has passed.',
            $stock->pieces === null => '',
            $stock->pieces === 0 && $stock->allowsBackOrder => 'Sent as soon as there is more.',
            $stock->pieces === 0 => 'Sold out at the moment.',
            $stock->pieces === 1 => 'One left.',
            $stock->pieces <= self::FEW => "{$stock->pieces} left.",
            default => '',
        };
    }
}
