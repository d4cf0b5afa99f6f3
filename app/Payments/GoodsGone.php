<?php

declare(strict_types=1);

namespace App\Payments;

use RuntimeException;

final class GoodsGone extends RuntimeException
{
    public static function product(int $productId): self
    {
        return new self("Too little of product {$productId} is left.");
    }
}
