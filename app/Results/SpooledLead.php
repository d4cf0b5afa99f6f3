<?php

declare(strict_types=1);

namespace App\Results;

/** That a click led on to a partner's marketplace, for one of its goods. */
final readonly class SpooledLead
{
    public function __construct(
        public int $productId,
        public int $marketplaceId,
    ) {}
}
