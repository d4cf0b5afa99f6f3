<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Room;
use PaperKite\Offer\Slot;

final readonly class SomethingIsPaid implements Check
{
    public function findings(Proof $proof): array
    {
        $findings = [];
        foreach ($proof->draft->items as $index => $item) {
            if ($item->product?->price?->regular->isZero() === true && $item->product->variants === []) {
                $findings[] = Finding::caution(Slot::Product, 'This product costs nothing; set its price, or leave it so to give it away.', $index)->mendedIn(Room::Product);
            }
        }

        return $findings;
    }
}
