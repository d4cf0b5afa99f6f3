<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\DraftItem;
use PaperKite\Offer\Finding;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;

final readonly class VariantIsThere implements ItemCheck
{
    public function finding(DraftItem $item, Proof $proof): ?Finding
    {
        return $item->product !== null && $item->hasStrayVariant()
            ? Finding::error($item->product->variants === [] ? Slot::Product : Slot::Variant, "“{$item->product->name}” has no “{$item->variant}”; pick one that it has, or let the shopper choose.")
            : null;
    }
}
