<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Draft;
use PaperKite\Offer\Finding;
use PaperKite\Offer\Slot;

final readonly class SomethingIsPaid implements Check
{
    public function findings(Draft $draft): array
    {
        return $draft->product?->price?->regular->isZero() === true
            ? [Finding::caution(Slot::Product, 'This product costs nothing; set its price, or leave it so to give it away.')]
            : [];
    }
}
