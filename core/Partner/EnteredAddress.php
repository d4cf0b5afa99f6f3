<?php

declare(strict_types=1);

namespace PaperKite\Partner;

use PaperKite\Money\Money;

/** Where a product is to be had at one marketplace, read from its form. */
final readonly class EnteredAddress
{
    public function __construct(
        public int $marketplaceId,
        public Marketplace $marketplace,
        public Target $target,
        /** As it was seen there; `null`: none is shown. */
        public ?Money $price,
        /** Whether shoppers of no listed country are sent there. */
        public bool $isFallback,
        /** As the marketplace calls it; blank: none was entered. */
        public string $category = '',
    ) {}
}
