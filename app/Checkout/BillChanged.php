<?php

declare(strict_types=1);

namespace App\Checkout;

use PaperKite\Words\Wording;
use RuntimeException;

/** The bill is no longer the one the shopper saw: it is shown again before anything is paid. The message is for the shopper. */
final class BillChanged extends RuntimeException
{
    public static function sinceShown(Wording $say): self
    {
        return new self($say->say('checkout.bill_changed'));
    }

    public static function stock(Wording $say): self
    {
        return new self($say->say('checkout.stock_changed'));
    }

    public static function couponUsed(Wording $say, string $code): self
    {
        return new self($say->say('checkout.coupon_used', code: $code));
    }
}
