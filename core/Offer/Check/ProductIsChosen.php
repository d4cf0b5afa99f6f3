<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\DraftItem;
use PaperKite\Offer\Finding;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;

final readonly class ProductIsChosen implements ItemCheck
{
    public function finding(DraftItem $item, Proof $proof): ?Finding
    {
        return $item->name() !== '' ? null : Finding::error(Slot::Product, 'The product that was picked is not in this shop; pick another.');
    }
}
