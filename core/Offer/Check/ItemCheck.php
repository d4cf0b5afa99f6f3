<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\DraftItem;
use PaperKite\Offer\Finding;
use PaperKite\Offer\Proof;

/** One rule that each of an offer's goods is held to by itself. */
interface ItemCheck
{
    public function finding(DraftItem $item, Proof $proof): ?Finding;
}
