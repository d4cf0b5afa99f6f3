<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

use PaperKite\Money\Money;
use PaperKite\Time\Moment;

/** A price for a while. */
final readonly class Sale
{
    public function __construct(
        public Money $price,
        /** `null`: it has always begun. */
        public ?Moment $from,
        /** The first moment at which it no longer counts; `null`: it never ends. */
        public ?Moment $until,
    ) {}

    public function isOn(Moment $at): bool
    {
        return ($this->from === null || ! $at->isBefore($this->from)) && ($this->until === null || $at->isBefore($this->until));
    }
}
