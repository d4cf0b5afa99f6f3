<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\Offer;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;
use PaperKite\Quote\InvalidQuantity;
use PaperKite\Quote\Quantity;

final readonly class QuantityIsWhole implements Check
{
    public function findings(Proof $proof): array
    {
        $findings = [];
        foreach ($proof->draft->items as $index => $item) {
            try {
                Quantity::fromEntry($item->quantity, Offer::LARGEST_QUANTITY);
            } catch (InvalidQuantity $invalid) {
                $findings[] = Finding::error(Slot::Quantity, $invalid->getMessage(), $index);
            }
        }

        return $findings;
    }
}
