<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Money\Money;

/** Rule 2: a line and what it comes to, before any discount. */
final readonly class PricedLine
{
    public Money $subtotal;

    public function __construct(
        public CartLine $line,
        public UnitPrice $unit,
    ) {
        $this->subtotal = $unit->today->multipliedBy($line->quantity->pieces);
    }
}
