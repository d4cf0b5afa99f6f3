<?php

declare(strict_types=1);

namespace PaperKite\Offer\Clause;

use PaperKite\Offer\Ask;
use PaperKite\Offer\OfferItem;
use PaperKite\Offer\Segment;
use PaperKite\Offer\Slot;

/** "one × Beeswax wrap in Large, Clover", or in whichever the shopper chooses. */
final readonly class VariedPieces implements Clause
{
    public function fits(OfferItem $item): bool
    {
        return $item->pick->product->variants !== [];
    }

    public function segments(OfferItem $item, int $index, ?Ask $ask): array
    {
        return [
            ...(new Pieces)->segments($item, $index, $ask),
            Segment::words(' in '),
            Segment::slot(Slot::Variant, $item->pick->variant === null ? 'the kind they choose' : $item->choices(), $index),
        ];
    }
}
