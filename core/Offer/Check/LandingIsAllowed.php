<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;

final readonly class LandingIsAllowed implements Check
{
    public function findings(Proof $proof): array
    {
        $landing = $proof->offer->landing;

        return $landing === null || $proof->draft->shop->allows($landing)
            ? []
            : [Finding::error(Slot::Landing, "“{$landing}” is no address at a host that you have listed; write a whole one, or list its host under Shop, Checkout.")];
    }
}
