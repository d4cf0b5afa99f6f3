<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

use PaperKite\Money\Money;

/** Something the shop sells and sends as a parcel. */
final readonly class Product
{
    public const LONGEST_NAME = 160;

    public function __construct(
        public Sku $sku,
        public string $name,
        public Money $price,
        public Drawing $picture,
        public Stock $stock,
    ) {}
}
