<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Catalogue\Pick;
use PaperKite\Money\Money;

/** Rule 2: a line and what it comes to, before any discount. */
final readonly class PricedLine
{
    public Money $subtotal;

    public function __construct(
        public Pick $pick,
        public UnitPrice $unit,
    ) {
        $this->subtotal = $unit->today->multipliedBy($pick->quantity->pieces);
    }
}
