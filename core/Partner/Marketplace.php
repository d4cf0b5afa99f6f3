<?php

declare(strict_types=1);

namespace PaperKite\Partner;

use PaperKite\Money\Currency;
use PaperKite\Text\HostName;

/** One site of a partner, in one country: how its addresses are built, and under which ID it knows the seller. */
final readonly class Marketplace
{
    /**
     * @param  non-empty-list<HostName>  $hosts  the first is the one that links lead to
     * @param  list<AddressPattern>  $patterns  by which items are found, in order, before the item's own address
     * @param  AddressPattern|null  $searchAddress  with one variable, for the words; `null` where there is no search
     * @param  list<string>  $keeps  parameters that stay in an address
     */
    public function __construct(
        public string $name,
        public string $partner,
        public Scheme $scheme,
        public array $hosts,
        /** `null`: the scheme's own. */
        public ?int $port,
        public array $patterns,
        public AddressPattern $itemAddress,
        public ?AddressPattern $searchAddress,
        public array $keeps,
        /** The parameter of the seller's partner ID. */
        public string $idParameter,
        /** The parameter of the sub-ID; `null` where the marketplace knows none. */
        public ?string $subIdParameter,
        /** ISO 3166-1 alpha-2. */
        public string $country,
        public Currency $currency,
        public Counting $counts,
        /** For how many hours after a click. */
        public int $countsForHours,
        /** `null`: nobody has entered it yet. */
        public ?Token $partnerId,
    ) {}

    /** @return list<string> the variables that make a reference, in order */
    public function reference(): array
    {
        return $this->itemAddress->variables();
    }

    public function hasHost(string $host): bool
    {
        foreach ($this->hosts as $own) {
            if (self::bare($own->text) === self::bare($host)) {
                return true;
            }
        }

        return false;
    }

    /** A port that is written out, though it is the scheme's own, is none. */
    public function hasPort(?int $port): bool
    {
        return ($port ?? $this->scheme->port()) === ($this->port ?? $this->scheme->port());
    }

    private static function bare(string $host): string
    {
        return str_starts_with($host, 'www.') ? substr($host, 4) : $host;
    }
}
