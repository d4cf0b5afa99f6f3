<?php

declare(strict_types=1);

namespace PaperKite\Offer\Clause;

use PaperKite\Offer\Ask;
use PaperKite\Offer\OfferItem;
use PaperKite\Offer\Segment;

/** How one kind of goods is said in the sentence. A new kind is a class beside these and a line in `Clauses`. */
interface Clause
{
    public function fits(OfferItem $item): bool;

    /** @return list<Segment> after "they get" */
    public function segments(OfferItem $item, int $index, ?Ask $ask): array;
}
