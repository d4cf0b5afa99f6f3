<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Catalogue\Pick;
use PaperKite\Money\Money;

/** A line that is sent, and what it is worth after any discount. */
final readonly class Parcel
{
    public function __construct(
        public Pick $pick,
        public Money $value,
        /** What it would be worth without a discount. */
        public Money $undiscounted,
    ) {}
}
