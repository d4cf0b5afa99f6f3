<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Draft;
use PaperKite\Offer\Finding;
use PaperKite\Offer\Slot;

final readonly class ProductIsChosen implements Check
{
    public function findings(Draft $draft): array
    {
        return $draft->product === null
            ? [Finding::error(Slot::Product, 'The product that was picked is not in this shop; pick another.')]
            : [];
    }
}
