<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

use PaperKite\Money\Money;
use PaperKite\Time\Moment;

/** A price, and the sale that stands next to it. */
final readonly class Price
{
    public function __construct(
        public Money $regular,
        public ?Sale $sale = null,
    ) {}

    public function at(Moment $at): Money
    {
        return $this->sale?->isOn($at) === true ? $this->sale->price : $this->regular;
    }
}
