<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Catalogue\InvalidQuantity;
use PaperKite\Catalogue\Quantity;
use PaperKite\Offer\DraftItem;
use PaperKite\Offer\Finding;
use PaperKite\Offer\Offer;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;

final readonly class QuantityIsWhole implements ItemCheck
{
    public function finding(DraftItem $item, Proof $proof): ?Finding
    {
        try {
            Quantity::fromEntry($item->quantity, Offer::LARGEST_QUANTITY);
        } catch (InvalidQuantity $invalid) {
            return Finding::error(Slot::Quantity, $invalid->getMessage());
        }

        return null;
    }
}
