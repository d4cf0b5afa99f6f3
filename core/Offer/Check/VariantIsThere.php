<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;

final readonly class VariantIsThere implements Check
{
    public function findings(Proof $proof): array
    {
        $findings = [];
        foreach ($proof->draft->items as $index => $item) {
            if ($item->product !== null && $item->hasStrayVariant()) {
                $findings[] = Finding::error($item->product->variants === [] ? Slot::Product : Slot::Variant, "“{$item->product->name}” has no “{$item->variant}”; pick one that it has, or let the shopper choose.", $index);
            }
        }

        return $findings;
    }
}
