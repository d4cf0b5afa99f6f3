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
        return $this->saleAt($at)->price ?? $this->regular;
    }

    /** @return Sale|null the one that is on */
    public function saleAt(Moment $at): ?Sale
    {
        return $this->sale?->isOn($at) === true ? $this->sale : null;
    }
}
