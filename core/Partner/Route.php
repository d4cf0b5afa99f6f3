<?php

declare(strict_types=1);

namespace PaperKite\Partner;

/**
 * Who is sent where: the marketplace of the shopper's country, else the one that is named for everybody else. Where the
 * goods are gone, to the next one that has them.
 */
final readonly class Route
{
    /**
     * @param  array<int, string>  $countries  ISO 3166-1 alpha-2, by the key of each place that has the goods
     * @param  int|null  $fallback  the key of the one for everybody else; `null` where nobody named one
     */
    public function __construct(
        private array $countries,
        private ?int $fallback,
        /** @var list<int> keys of places where they are gone */
        private array $gone = [],
    ) {}

    /**
     * @param  string|null  $country  where the shopper is; `null` where nobody knows
     * @return int|null the key of the place; `null` where there is none for them
     */
    public function for(?string $country): ?int
    {
        $own = $country === null ? false : array_search($country, $this->countries, true);

        $choice = match (true) {
            $own !== false => $own,
            $this->fallback !== null && array_key_exists($this->fallback, $this->countries) => $this->fallback,
            default => null,
        };
        if (! in_array($choice, $this->gone, true)) {
            return $choice;
        }
        $left = array_values(array_diff(array_keys($this->countries), $this->gone));

        // Where all are gone, its marketplace has a search at least.
        return $this->fallback !== null && in_array($this->fallback, $left, true) ? $this->fallback : $left[0] ?? $choice;
    }
}
