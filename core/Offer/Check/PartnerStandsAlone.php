<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\DraftItem;
use PaperKite\Offer\Finding;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;

/** A click can't be paid here and elsewhere at once, nor lead to two places. */
final readonly class PartnerStandsAlone implements ItemCheck
{
    public function finding(DraftItem $item, Proof $proof): ?Finding
    {
        return $item->partner === null || count($proof->draft->items) === 1
            ? null
            : Finding::error(Slot::Product, "“{$item->partner->name}” is a partner’s and can’t be paid here with others; take the others out, or take it out and make an offer of its own.");
    }
}
