<?php

declare(strict_types=1);

namespace App\Checkout;

use RuntimeException;

/** The bill is no longer the one the shopper saw: it is shown again before anything is paid. */
final class BillChanged extends RuntimeException
{
    public static function sinceShown(): self
    {
        return new self('The bill has changed since this page was shown. Nothing was paid; look at the new total, then pay.');
    }

    public static function stock(): self
    {
        return new self('Something in the cart has sold out in the meantime. Nothing was paid; see the lines marked below.');
    }

    public static function couponUsed(string $code): self
    {
        return new self("Coupon “{$code}” was used with this e-mail address as often as it may be, and is taken out. Nothing was paid; look at the new total, then pay.");
    }
}
