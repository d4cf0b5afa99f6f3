<?php

declare(strict_types=1);

namespace App\Results;

use App\Models\Shop;

/** What is counted has a shop, and with it a day and a currency. */
final readonly class CountedShop
{
    private function __construct(
        public int $id,
        /** IANA. */
        public string $timezone,
        /** ISO 4217. */
        public string $currency,
    ) {}

    public static function of(Shop $shop): self
    {
        return new self($shop->id, $shop->timezone ?? 'UTC', $shop->currency);
    }
}
