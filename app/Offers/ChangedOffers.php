<?php

declare(strict_types=1);

namespace App\Offers;

/** What became of several offers that were changed at once. */
final readonly class ChangedOffers
{
    /**
     * @param  list<OfferChange>  $before  what takes it back
     * @param  array<int, string>  $stayed  why, by id of those that stayed as they were
     */
    public function __construct(
        public array $before,
        public array $stayed,
    ) {}
}
