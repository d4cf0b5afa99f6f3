<?php

declare(strict_types=1);

namespace PaperKite\Partner\Price;

use PaperKite\Money\Money;

/** What an item's page says of it. */
final readonly class SeenPage
{
    public function __construct(
        public Money $price,
        /** As the marketplace writes it. */
        public string $title,
        /** Without markup; blank where the page has none. */
        public string $text,
    ) {}
}
