<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Money\Money;

/** An amount of a bill beside its goods, and why it is what it is. */
final readonly class BillRow
{
    public function __construct(
        public BillRowKind $kind,
        /** Never negative; the kind says whether it is taken off. */
        public Money $amount,
        /** A sentence; blank where nothing needs saying. */
        public string $because,
    ) {}

    public function shown(): string
    {
        return ($this->kind->isTakenOff() ? '−' : '').$this->amount->shown();
    }
}
