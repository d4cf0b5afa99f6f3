<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Catalogue\Product;

final readonly class CartLine
{
    public function __construct(
        public Product $product,
        public Quantity $quantity,
    ) {}
}
