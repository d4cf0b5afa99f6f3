<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Money\Currency;
use PaperKite\Money\Money;

/** What the shop adds to the price of goods. */
final readonly class ShopRules
{
    public function __construct(
        public Currency $currency,
        /** Charged once an order, whatever is in it. */
        public Money $shippingFee,
    ) {}
}
