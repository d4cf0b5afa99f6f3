<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

use PaperKite\Money\Money;
use PaperKite\Time\Interval;

/** One price in parts: an optional deposit and equal payments. */
final readonly class Instalments
{
    public function __construct(
        /** 2 to 60 of which the first is due now; with a deposit 1 to 60, all of them later. */
        public int $payments,
        /** For one piece, due now. */
        public ?Money $deposit,
        public Interval $interval,
    ) {}
}
