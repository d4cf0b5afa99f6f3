<?php

declare(strict_types=1);

namespace App\Fulfilment;

use App\Models\CheckoutState;
use RuntimeException;

/** What was paid for is no longer to be had: the goods, the coupon that made them cheaper, or the gift card that was to pay. */
final class GoodsGone extends RuntimeException
{
    private function __construct(
        string $message,
        /** What becomes of the checkout. */
        public readonly CheckoutState $becomes = CheckoutState::SoldOut,
    ) {
        parent::__construct($message);
    }

    /** Somebody else has paid with it meanwhile, or it was ended. */
    public static function card(int $cardId): self
    {
        return new self("Gift card {$cardId} has less on it than it was to pay.", CheckoutState::CardShort);
    }

    public static function product(int $productId): self
    {
        return new self("Too little of product {$productId} is left.");
    }

    public static function coupon(int $couponId): self
    {
        return new self("Coupon {$couponId} has been used up.");
    }
}
