<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Draft;
use PaperKite\Offer\Finding;
use PaperKite\Offer\Slot;

final readonly class QuantityIsInStock implements Check
{
    public function findings(Draft $draft): array
    {
        if ($draft->product === null || ! $draft->offer($draft->product)->isSoldOut()) {
            return [];
        }
        $pieces = $draft->product->stockOf($draft->product->variants[0] ?? null)->pieces;
        $left = match ($pieces) {
            0 => 'None is in stock',
            1 => 'Only one is in stock',
            default => "Only {$pieces} are in stock",
        };

        return [Finding::caution(Slot::Quantity, "{$left}; until there are more, the click leads to a page that says so.")];
    }
}
