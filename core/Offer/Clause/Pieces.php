<?php

declare(strict_types=1);

namespace PaperKite\Offer\Clause;

use PaperKite\Offer\Ask;
use PaperKite\Offer\OfferItem;
use PaperKite\Offer\Segment;
use PaperKite\Offer\Slot;

/** "two × Heather honey". */
final readonly class Pieces implements Clause
{
    private const NUMBERS = [1 => 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];

    public function fits(OfferItem $item): bool
    {
        return $item->pick->product->variants === [];
    }

    public function segments(OfferItem $item, int $index, ?Ask $ask): array
    {
        return [
            Segment::slot(Slot::Quantity, $ask === null ? self::number($item->pick->quantity->pieces) : "{$ask->least} to {$ask->most} (as they say)", $index),
            Segment::words(' × '),
            Segment::slot(Slot::Product, $item->pick->product->name, $index),
        ];
    }

    private static function number(int $pieces): string
    {
        return self::NUMBERS[$pieces] ?? (string) $pieces;
    }
}
