<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;

final readonly class LandingIsAllowed implements Check
{
    /** @param  string|null  $landing  `null`: as the shop has it */
    public function __construct(private ?string $landing) {}

    public function findings(Proof $proof): array
    {
        return $this->landing === null || $proof->draft->shop->allows($this->landing)
            ? []
            : [Finding::error(Slot::Landing, "“{$this->landing}” is no address at a host that you have listed; write a whole one, or list its host under Shop, Checkout.")];
    }
}
