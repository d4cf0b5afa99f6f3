<?php

declare(strict_types=1);

namespace App\Payments;

final readonly class OpenedPayment
{
    public function __construct(
        public string $providerId,
        /** Where the shopper pays. */
        public string $url,
    ) {}
}
