<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Room;
use PaperKite\Offer\Slot;
use PaperKite\Quote\UnitPrice;
use PaperKite\Quote\UnpricedLine;

final readonly class GoodsArePriced implements Check
{
    public function findings(Proof $proof): array
    {
        $findings = [];
        foreach ($proof->draft->items as $index => $item) {
            $read = $item->read();
            try {
                if ($read !== null) {
                    UnitPrice::of($read->line(), $proof->at);
                }
            } catch (UnpricedLine $unpriced) {
                $findings[] = Finding::obstacle(Slot::Product, "This has no price: {$unpriced->getMessage()}", $index)->mendedIn(Room::Product);
            }
        }

        return $findings;
    }
}
