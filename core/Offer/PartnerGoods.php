<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Partner\Marketplace;
use PaperKite\Partner\PartnerPage;
use PaperKite\Partner\Route;

/** Goods that a partner sells, as far as an offer leads to them. */
final readonly class PartnerGoods
{
    /** @param  list<PartnerPage>  $pages  where they are to be had, the one for everybody else first */
    public function __construct(
        public string $name,
        public array $pages,
        public bool $isDraft,
    ) {}

    /** @return list<Marketplace> */
    public function marketplaces(): array
    {
        return array_map(static fn (PartnerPage $page): Marketplace => $page->marketplace, $this->pages);
    }

    /** @return string whose goods they are: "Nordkai", or "Nordkai or Wicker Lane" where the shopper's country says */
    public function partner(): string
    {
        $names = array_values(array_unique(array_map(static fn (Marketplace $marketplace): string => $marketplace->partner, $this->marketplaces())));

        return $names === [] ? 'a partner' : implode(' or ', $names);
    }

    /**
     * @param  string|null  $country  ISO 3166-1 alpha-2; `null` where nobody knows
     * @return PartnerPage|null `null` where there is none for them
     */
    public function pageFor(?string $country): ?PartnerPage
    {
        $fallbacks = array_keys(array_filter($this->pages, static fn (PartnerPage $page): bool => $page->isFallback));
        $gone = array_keys(array_filter($this->pages, static fn (PartnerPage $page): bool => $page->isGone));
        $index = (new Route(array_map(static fn (Marketplace $marketplace): string => $marketplace->country, $this->marketplaces()), $fallbacks[0] ?? null, $gone))->for($country);

        return $index === null ? null : $this->pages[$index];
    }
}
