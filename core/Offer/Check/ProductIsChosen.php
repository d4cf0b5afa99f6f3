<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;

final readonly class ProductIsChosen implements Check
{
    public function findings(Proof $proof): array
    {
        $findings = [];
        foreach ($proof->draft->items as $index => $item) {
            if ($item->product === null) {
                $findings[] = Finding::error(Slot::Product, 'The product that was picked is not in this shop; pick another.', $index);
            }
        }

        return $findings;
    }
}
