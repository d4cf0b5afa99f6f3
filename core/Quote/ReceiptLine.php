<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Catalogue\Product;
use PaperKite\Money\Money;

final readonly class ReceiptLine
{
    public function __construct(
        public Product $product,
        public int $quantity,
        public Money $unit,
        public Money $subtotal,
    ) {}
}
