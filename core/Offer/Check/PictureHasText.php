<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Room;
use PaperKite\Offer\Slot;

/** A picture is told to those who can't see it (WCAG 2.2, 1.1.1). */
final readonly class PictureHasText implements Check
{
    public function findings(Proof $proof): array
    {
        $findings = [];
        foreach ($proof->draft->items as $index => $item) {
            if ($item->product !== null && $item->hasMutePicture) {
                $findings[] = Finding::caution(Slot::Product, "The picture of “{$item->product->name}” says nothing to those who can’t see it; write its alternative text at the product.", $index)->mendedIn(Room::Product);
            }
        }

        return $findings;
    }
}
