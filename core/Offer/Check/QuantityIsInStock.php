<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\DraftItem;
use PaperKite\Offer\Finding;
use PaperKite\Offer\MendAt;
use PaperKite\Offer\OfferItem;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;

final readonly class QuantityIsInStock implements ItemCheck
{
    public function finding(DraftItem $item, Proof $proof): ?Finding
    {
        $read = $item->read();

        if ($read === null || ! $read->isSoldOut()) {
            return null;
        }
        $event = $read->pick->product->eventOf($read->typicalPick()->variant);

        return $event?->hasBegun($proof->at) !== true
            ? Finding::caution(Slot::Quantity, self::left($read).'; until there are more, the click leads to a page that says so.')->mendedIn(MendAt::Product)
            : null;
    }

    private static function left(OfferItem $item): string
    {
        $pieces = $item->pick->product->stockOf($item->typicalPick()->variant)->pieces;

        return match ($pieces) {
            0 => 'None is in stock',
            1 => 'Only one is in stock',
            default => "Only {$pieces} are in stock",
        };
    }
}
