<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Partner\Marketplace;
use PaperKite\Partner\Route;

/** Goods that a partner sells, as far as an offer leads to them. */
final readonly class PartnerGoods
{
    /** @param  list<Marketplace>  $marketplaces  where they are to be had, the one for everybody else first */
    public function __construct(
        public string $name,
        public array $marketplaces,
        public Route $route,
        public bool $isDraft,
    ) {}

    /** @return string whose goods they are: "Nordkai", or "Nordkai or Wicker Lane" where the shopper's country says */
    public function partner(): string
    {
        $names = array_values(array_unique(array_map(static fn (Marketplace $marketplace): string => $marketplace->partner, $this->marketplaces)));

        return $names === [] ? 'a partner' : implode(' or ', $names);
    }
}
