<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use Closure;

/** What an offer must know of the shop that makes it. */
final readonly class ShopSetting
{
    /**
     * @param  Closure(string): bool  $allows  whether a shopper may be led to this address
     * @param  list<Place>  $places  where the offer stands
     */
    public function __construct(
        /** An account at the payment provider is set. */
        public bool $hasPayee,
        /** This installation is connected to a payment provider. */
        public bool $hasProvider,
        /** What the shop's buttons say everywhere. */
        public ShopWords $words,
        private Closure $allows,
        public array $places = [],
    ) {}

    /** Whether what opens on the page where the button stands can open anywhere: in a widget, or where nothing is placed yet. */
    public function opensOnPages(): bool
    {
        return $this->places === [] || array_filter($this->places, static fn (Place $place): bool => $place->isWidget) !== [];
    }

    /** @return list<string> */
    public function placeNames(): array
    {
        return array_map(static fn (Place $place): string => $place->name, $this->places);
    }

    public function allows(string $address): bool
    {
        return ($this->allows)($address);
    }
}
