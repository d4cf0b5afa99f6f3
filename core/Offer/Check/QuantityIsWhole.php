<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Draft;
use PaperKite\Offer\Finding;
use PaperKite\Offer\Offer;
use PaperKite\Offer\Slot;
use PaperKite\Quote\InvalidQuantity;
use PaperKite\Quote\Quantity;

final readonly class QuantityIsWhole implements Check
{
    public function findings(Draft $draft): array
    {
        try {
            Quantity::fromEntry($draft->quantity, Offer::LARGEST_QUANTITY);
        } catch (InvalidQuantity $invalid) {
            return [Finding::error(Slot::Quantity, $invalid->getMessage())];
        }

        return [];
    }
}
