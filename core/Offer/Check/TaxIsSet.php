<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\MendAt;
use PaperKite\Offer\OfferItem;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;
use PaperKite\Quote\TaxRates;

/** Goods of a class without any rate are sold without tax: whoever charges none says 0. */
final readonly class TaxIsSet implements Check
{
    public function findings(Proof $proof): array
    {
        $classes = array_map(static fn (OfferItem $item): ?string => TaxRates::classOf($item->pick), $proof->offer->destination->items());
        $untaxed = array_filter(array_unique($classes), static fn (?string $class): bool => $class !== null && ! $proof->rules->tax->knows($class));

        return array_values(array_map(
            static fn (string $class): Finding => Finding::hint(Slot::Product, "No tax is worked out: the tax class “{$class}” has no rate yet. Where you charge none, say 0.")->mendedIn(MendAt::FirstRate, $class),
            $untaxed,
        ));
    }
}
