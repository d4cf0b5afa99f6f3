<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\DraftItem;
use PaperKite\Offer\Finding;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;
use PaperKite\Refusal;
use PaperKite\Words\Wording;

/** An amount that a click gives is one, and within what the product allows. */
final readonly class AmountIsWithin implements ItemCheck
{
    public function finding(DraftItem $item, Proof $proof): ?Finding
    {
        try {
            $amount = $item->amount();
        } catch (Refusal $refusal) {
            return Finding::error(Slot::Amount, $refusal->getMessage());
        }
        $objection = $amount === null ? null : $item->product?->limits?->objection($amount);

        return $objection === null ? null : Finding::error(Slot::Amount, $objection->in(Wording::english()));
    }
}
