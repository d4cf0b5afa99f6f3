<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Catalogue\Sale;
use PaperKite\Offer\DraftItem;
use PaperKite\Offer\Finding;
use PaperKite\Offer\MendAt;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;
use PaperKite\Time\Moment;

/** A price that is about to go up should not surprise whoever is placing a button today. */
final readonly class SaleGoesOn implements ItemCheck
{
    private const SOON_SECONDS = 7 * 86_400;

    public function finding(DraftItem $item, Proof $proof): ?Finding
    {
        $read = $item->read();
        $sale = $read?->typicalPick()->variant->price->sale ?? $read?->pick->product->price?->sale;

        return $read !== null && $sale !== null && self::endsSoon($sale, $proof->at)
            ? Finding::caution(Slot::Product, "The sale price of “{$read->pick->product->name}” ends within a week; copies that show a price go stale then.")->mendedIn(MendAt::Product)
            : null;
    }

    private static function endsSoon(Sale $sale, Moment $at): bool
    {
        $left = $sale->until === null ? -1 : $sale->until->seconds - $at->seconds;

        return $left > 0 && $left <= self::SOON_SECONDS;
    }
}
