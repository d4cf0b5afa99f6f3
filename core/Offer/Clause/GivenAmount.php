<?php

declare(strict_types=1);

namespace PaperKite\Offer\Clause;

use PaperKite\Offer\Ask;
use PaperKite\Offer\OfferItem;
use PaperKite\Offer\Segment;
use PaperKite\Offer\Slot;

/** "The hedgerow fund with €7.50", or with as much as the shopper likes to give. */
final readonly class GivenAmount implements Clause
{
    public function fits(OfferItem $item): bool
    {
        return $item->pick->product->kind->isMoneyItself();
    }

    public function segments(OfferItem $item, int $index, ?Ask $ask): array
    {
        return [
            Segment::slot(Slot::Product, $item->pick->product->name, $index),
            Segment::words(' with '),
            Segment::slot(Slot::Amount, $item->pick->terms->amount?->shown() ?? 'as much as they like', $index),
        ];
    }
}
