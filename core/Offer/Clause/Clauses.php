<?php

declare(strict_types=1);

namespace PaperKite\Offer\Clause;

use LogicException;
use PaperKite\Offer\OfferItem;

/** The clauses, the most particular first. */
final class Clauses
{
    public static function for(OfferItem $item): Clause
    {
        foreach ([new GivenAmount, new VariedPieces, new Pieces] as $clause) {
            if ($clause->fits($item)) {
                return $clause;
            }
        }

        throw new LogicException("No clause says “{$item->pick->product->name}”.");
    }
}
