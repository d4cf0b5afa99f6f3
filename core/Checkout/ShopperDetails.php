<?php

declare(strict_types=1);

namespace PaperKite\Checkout;

/** Who ordered, and where the parcel goes. What was not asked, or not answered, is blank. */
final readonly class ShopperDetails
{
    public function __construct(
        public string $email,
        public string $name,
        public string $street,
        public string $postcode,
        public string $town,
        /** ISO 3166-1 alpha-2. */
        public string $country,
        public string $company = '',
        public string $phone = '',
        public string $comment = '',
    ) {}
}
