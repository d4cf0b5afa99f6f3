<?php

declare(strict_types=1);

namespace App\Shopfront;

use PaperKite\Catalogue\Stock;
use PaperKite\Words\Wording;

/** What a shopper is told of the stock. */
final class StockWords
{
    private const FEW = 5;

    /** @param  bool  $isOver  whether its date has passed */
    public static function of(Stock $stock, Wording $say, bool $isOver = false): string
    {
        return match (true) {
            $isOver => $say->say('stock.date_passed'),
            $stock->pieces === null => '',
            $stock->pieces === 0 && $stock->allowsBackOrder => $say->say('stock.back_order'),
            $stock->pieces === 0 => $say->say('stock.none'),
            $stock->pieces === 1 => $say->say('stock.one'),
            $stock->pieces <= self::FEW => $say->say('stock.some', count: $stock->pieces),
            default => '',
        };
    }
}
