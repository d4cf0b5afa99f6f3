<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Money\Money;

/** From this much on, up to the next band, shipping costs this. */
final readonly class ShippingBand
{
    public function __construct(
        /** Minor units, grams or pieces, as its table measures. */
        public int $from,
        public Money $fee,
    ) {}
}
