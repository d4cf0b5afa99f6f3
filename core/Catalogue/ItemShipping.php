<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

use PaperKite\Money\Money;

/** What it costs to ship a product where the zone has no table of its own. */
final readonly class ItemShipping
{
    public function __construct(
        public Money $first,
        /** For each further piece of the same line. */
        public Money $more,
    ) {}

    public function of(int $quantity): Money
    {
        return $this->first->plus($this->more->multipliedBy($quantity - 1));
    }
}
