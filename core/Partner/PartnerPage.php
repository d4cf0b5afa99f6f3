<?php

declare(strict_types=1);

namespace PaperKite\Partner;

/** Where goods are to be had at one marketplace. */
final readonly class PartnerPage
{
    public function __construct(
        public Marketplace $marketplace,
        public Target $target,
        /** Whether shoppers of no listed country are sent there. */
        public bool $isFallback,
    ) {}
}
