<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Product;
use App\Models\Variant;

/** What is put into a cart at once. */
final readonly class Goods
{
    public function __construct(
        public Product $product,
        /** `null` where the product has none to choose from. */
        public ?Variant $variant,
        public int $quantity,
    ) {}
}
