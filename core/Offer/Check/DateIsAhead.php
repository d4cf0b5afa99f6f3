<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Catalogue\Event;
use PaperKite\Offer\DraftItem;
use PaperKite\Offer\Finding;
use PaperKite\Offer\MendAt;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;

/** Nobody can come to what has begun. */
final readonly class DateIsAhead implements ItemCheck
{
    public function finding(DraftItem $item, Proof $proof): ?Finding
    {
        $read = $item->read();
        $variants = $read?->leavesVariantOpen() === true ? $read->pick->product->variants : [$read?->pick->variant];
        $events = array_filter(array_map(static fn ($variant): ?Event => $read?->pick->product->eventOf($variant), $variants));
        $isOver = $events !== [] && count($events) === count($variants) && array_filter($events, static fn (Event $event): bool => ! $event->hasBegun($proof->at)) === [];

        return $isOver
            ? Finding::caution($read?->leavesVariantOpen() === false && $read->pick->variant !== null ? Slot::Variant : Slot::Product, 'Its date is past; until there is another, the click leads to a page that says so.')->mendedIn(MendAt::Product)
            : null;
    }
}
