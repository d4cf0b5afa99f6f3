<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Catalogue\Pick;
use PaperKite\Money\Money;
use PaperKite\Money\Percentage;

final readonly class ReceiptLine
{
    public function __construct(
        public Pick $pick,
        public UnitPrice $unit,
        public Money $subtotal,
        public Money $discount,
        /** What is paid for it, today or by and by. */
        public Money $discounted,
        /** Contained in the discounted subtotal, or on top of it, as the shop's prices are. */
        public Money $tax,
        /** By which the tax is reckoned; `null` where the shop has none for what it is, there. */
        public ?Percentage $taxRate,
        /** What is left of it to the seller, before the provider's fee. */
        public Money $profit,
    ) {}
}
