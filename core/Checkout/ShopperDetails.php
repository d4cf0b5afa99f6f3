<?php

declare(strict_types=1);

namespace PaperKite\Checkout;

/** Who ordered, and where the parcel goes. */
final readonly class ShopperDetails
{
    public function __construct(
        public string $email,
        public string $name,
        public string $street,
        /** Blank where the country has none. */
        public string $postcode,
        public string $town,
        /** ISO 3166-1 alpha-2. */
        public string $country,
    ) {}
}
