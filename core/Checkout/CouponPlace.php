<?php

declare(strict_types=1);

namespace PaperKite\Checkout;

/** Where the shopper may enter a coupon. */
enum CouponPlace: string
{
    case Nowhere = 'nowhere';
    case Cart = 'cart';
    case Checkout = 'checkout';
    case Both = 'both';

    public function isInCart(): bool
    {
        return $this === self::Cart || $this === self::Both;
    }

    public function isInCheckout(): bool
    {
        return $this === self::Checkout || $this === self::Both;
    }
}
