<?php

declare(strict_types=1);

namespace App\Checkout;

use PaperKite\Catalogue\Drawing;

/** A line of a bill as it was shown when the payment was opened. */
final readonly class FrozenLine
{
    public function __construct(
        public int $productId,
        public ?int $placementId,
        public string $sku,
        public string $name,
        public Drawing $picture,
        public int $quantity,
        public int $unitMinor,
        public int $subtotalMinor,
    ) {}
}
