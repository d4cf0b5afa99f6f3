<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\DraftItem;
use PaperKite\Offer\Finding;
use PaperKite\Offer\MendAt;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;

/** A picture is told to those who can't see it (WCAG 2.2, 1.1.1). */
final readonly class PictureHasText implements ItemCheck
{
    public function finding(DraftItem $item, Proof $proof): ?Finding
    {
        return $item->name() !== '' && $item->hasMutePicture
            ? Finding::caution(Slot::Product, "The picture of “{$item->name()}” says nothing to those who can’t see it; write its alternative text at the product.")->mendedIn(MendAt::Product)
            : null;
    }
}
