<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;

final readonly class DestinationHasGoods implements Check
{
    public function findings(Proof $proof): array
    {
        return $proof->draft->items !== [] || $proof->draft->onwards->isPossibleWithoutGoods()
            ? []
            : [Finding::error(Slot::Destination, 'A click that adds nothing leads to the cart or to paying; choose one of them.')];
    }
}
