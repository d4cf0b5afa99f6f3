<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\OfferItem;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Room;
use PaperKite\Offer\Slot;

final readonly class QuantityIsInStock implements Check
{
    public function findings(Proof $proof): array
    {
        $findings = [];
        foreach ($proof->draft->items as $index => $item) {
            $read = $item->read();
            if ($read !== null && $read->isSoldOut()) {
                $findings[] = Finding::caution(Slot::Quantity, self::left($read).'; until there are more, the click leads to a page that says so.', $index)->mendedIn(Room::Product);
            }
        }

        return $findings;
    }

    private static function left(OfferItem $item): string
    {
        $pieces = $item->product->stockOf($item->line()->variant)->pieces;

        return match ($pieces) {
            0 => 'None is in stock',
            1 => 'Only one is in stock',
            default => "Only {$pieces} are in stock",
        };
    }
}
