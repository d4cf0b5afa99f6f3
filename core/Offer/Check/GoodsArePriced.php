<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\DraftItem;
use PaperKite\Offer\Finding;
use PaperKite\Offer\MendAt;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;
use PaperKite\Quote\UnitPrice;
use PaperKite\Quote\UnpricedLine;

final readonly class GoodsArePriced implements ItemCheck
{
    public function finding(DraftItem $item, Proof $proof): ?Finding
    {
        $read = $item->read();
        if ($read === null) {
            return null;
        }
        try {
            UnitPrice::of($read->typicalPick(), $proof->at);
        } catch (UnpricedLine $unpriced) {
            return Finding::obstacle(Slot::Product, "This has no price: {$unpriced->getMessage()}")->mendedIn(MendAt::Product);
        }

        return null;
    }
}
