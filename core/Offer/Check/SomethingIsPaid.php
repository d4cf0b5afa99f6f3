<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\DraftItem;
use PaperKite\Offer\Finding;
use PaperKite\Offer\MendAt;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;

final readonly class SomethingIsPaid implements ItemCheck
{
    public function finding(DraftItem $item, Proof $proof): ?Finding
    {
        return $item->product?->price?->regular->isZero() === true && $item->product->variants === []
            ? Finding::caution(Slot::Product, 'This product costs nothing; set its price, or leave it so to give it away.')->mendedIn(MendAt::Product)
            : null;
    }
}
