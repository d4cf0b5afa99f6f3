<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Room;
use PaperKite\Offer\Slot;

final readonly class ProductIsForSale implements Check
{
    public function findings(Proof $proof): array
    {
        $findings = [];
        foreach ($proof->draft->items as $index => $item) {
            if ($item->product?->isDraft === true) {
                $findings[] = Finding::obstacle(Slot::Product, "“{$item->product->name}” is a draft and can’t be bought yet; put it on sale at the product, or pick another.", $index)->mendedIn(Room::Product);
            }
        }

        return $findings;
    }
}
