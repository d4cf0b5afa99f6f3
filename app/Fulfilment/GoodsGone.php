<?php

declare(strict_types=1);

namespace App\Fulfilment;

use RuntimeException;

/** What was paid for is no longer to be had: the goods, or the coupon that made them cheaper. */
final class GoodsGone extends RuntimeException
{
    public static function product(int $productId): self
    {
        return new self("Too little of product {$productId} is left.");
    }

    public static function coupon(int $couponId): self
    {
        return new self("Coupon {$couponId} has been used up.");
    }
}
