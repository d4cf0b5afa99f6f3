<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Money\Money;

final readonly class ReceiptLine
{
    public Money $discounted;

    public function __construct(
        public CartLine $line,
        public UnitPrice $unit,
        public Money $subtotal,
        public Money $discount,
        /** Contained in the discounted subtotal, or on top of it, as the shop's prices are. */
        public Money $tax,
    ) {
        $this->discounted = $subtotal->minus($discount);
    }
}
