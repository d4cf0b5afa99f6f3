<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Coupon;
use PaperKite\Quote\Bill;
use PaperKite\Quote\Fault;
use PaperKite\Quote\Receipt;

/** What a cart comes to, or why it can't be reckoned. */
final readonly class CartBill
{
    /**
     * @param  list<Fault>  $faults
     * @param  list<CardPayment>  $cards  gift cards that are to pay, in the order of their use
     */
    public function __construct(
        public string $country,
        public ?Receipt $receipt,
        public array $faults,
        public ?Coupon $coupon,
        /** Why the coupon that was asked for takes nothing off. */
        public ?string $couponFinding,
        public array $cards = [],
    ) {}

    /** As it is drawn; `null` where it can't be reckoned. */
    public function bill(): ?Bill
    {
        return $this->receipt === null ? null : Bill::of($this->receipt);
    }

    /** What stands in the way at a key of the quote, such as `country`. */
    public function faultAt(string $key): ?string
    {
        foreach ($this->faults as $fault) {
            if ($fault->at === $key) {
                return $fault->message;
            }
        }

        return null;
    }
}
