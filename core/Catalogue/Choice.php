<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

use PaperKite\Money\Money;

/** One answer to an option: "Large". It may set the price or add to it, not both. */
final readonly class Choice
{
    public function __construct(
        public string $name,
        public ?Price $price = null,
        public ?Money $adds = null,
    ) {}
}
