<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Money\Money;

/** What the shopper pays, and why. */
final readonly class Receipt
{
    /** @param  list<ReceiptLine>  $lines in the order of the cart */
    public function __construct(
        public array $lines,
        public Money $items,
        public Money $shipping,
        public Money $total,
        /** Why shipping costs what it costs, in a sentence for the shopper. */
        public string $shippingBecause,
    ) {}
}
