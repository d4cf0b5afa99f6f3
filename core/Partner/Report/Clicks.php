<?php

declare(strict_types=1);

namespace PaperKite\Partner\Report;

/** So many clicks from a place that led to goods at a marketplace, within one hour of the shop's clock. */
final readonly class Clicks
{
    public function __construct(
        public Place $place,
        public int $productId,
        /** Since 1970-01-01, on the shop's clock. */
        public int $hour,
        public int $count,
    ) {}
}
