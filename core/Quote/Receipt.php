<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Money\Money;

/** What the shopper pays, when, and what each amount followed from. */
final readonly class Receipt
{
    /**
     * @param  list<ReceiptLine>  $lines  in the order of the cart
     * @param  list<LaterPayment>  $later  instalments and the next payments of plans, by day
     */
    public function __construct(
        public ShopRules $shop,
        public string $country,
        public array $lines,
        public Money $items,
        public Discount $discount,
        public Shipping $shipping,
        public Money $shippingTax,
        public Money $tax,
        /** Of today's order, instalments that are due later included. */
        public Money $total,
        /** Of the total, what is paid by instalments later. */
        public Money $instalments,
        public Money $giftCards,
        public Money $dueNow,
        public array $later,
        /** For the seller alone. */
        public Money $profit,
    ) {}
}
