<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Money\Money;
use PaperKite\Words\Said;

/** An amount of a bill beside its goods, and why it is what it is. */
final readonly class BillRow
{
    public function __construct(
        public BillRowKind $kind,
        /** Never negative; the kind says whether it is taken off. */
        public Money $amount,
        /** `null` where nothing needs saying. */
        public ?Said $because,
    ) {}

    public function shown(): string
    {
        return ($this->kind->isTakenOff() ? '−' : '').$this->amount->shown();
    }
}
