<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\DraftItem;
use PaperKite\Offer\Finding;
use PaperKite\Offer\MendAt;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;

final readonly class ProductIsForSale implements ItemCheck
{
    public function finding(DraftItem $item, Proof $proof): ?Finding
    {
        return $item->product?->isDraft !== true && $item->partner?->isDraft !== true
            ? null
            : Finding::obstacle(Slot::Product, "“{$item->name()}” is a draft and can’t be bought yet; put it on sale at the product, or pick another.")->mendedIn(MendAt::Product);
    }
}
