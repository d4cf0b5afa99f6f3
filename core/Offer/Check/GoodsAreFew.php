<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\Offer;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;

final readonly class GoodsAreFew implements Check
{
    public function findings(Proof $proof): array
    {
        return count($proof->draft->items) <= Offer::MOST_ITEMS
            ? []
            : [Finding::error(Slot::Product, 'One offer holds '.Offer::MOST_ITEMS.' different goods at most; take some out.')->ofItem(Offer::MOST_ITEMS)];
    }
}
