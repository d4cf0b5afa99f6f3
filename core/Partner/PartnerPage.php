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
        /** Whether it is sold there no more. */
        public bool $isGone = false,
    ) {}

    /**
     * What is looked for there: the goods, or where they are gone what the marketplace finds of their name.
     */
    public function leadsTo(string $name): Target
    {
        return ($this->isGone && $this->marketplace->searchAddress !== null ? Search::ofName($name) : null) ?? $this->target;
    }
}
