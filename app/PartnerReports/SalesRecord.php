<?php

declare(strict_types=1);

namespace App\PartnerReports;

/** What was clicked and sold of a product at one marketplace, within some days. */
final readonly class SalesRecord
{
    public function __construct(
        public int $clicks = 0,
        /** Without what was given back. */
        public int $sales = 0,
        /** In the marketplace's currency. */
        public int $commissionMinor = 0,
    ) {}
}
