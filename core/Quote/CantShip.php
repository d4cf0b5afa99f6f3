<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use DomainException;
use PaperKite\Money\Money;
use PaperKite\Refusal;
use PaperKite\Words\Country;
use PaperKite\Words\Phrase;
use PaperKite\Words\Said;
use PaperKite\Words\Wording;

final class CantShip extends DomainException implements Refusal
{
    private function __construct(
        /** The key of the quote document that has to change. */
        public readonly string $at,
        public readonly Said $said,
    ) {
        parent::__construct($said->in(Wording::english()));
    }

    /** @param  string  $country  ISO 3166-1 alpha-2 */
    public static function to(string $country): self
    {
        return new self('country', Said::of(Phrase::DoesNotShipTo, country: new Country($country)));
    }

    public static function beyond(ShippingZone $zone, Money|Said $limit): self
    {
        return new self('cart', Said::of(Phrase::TooMuchAtOnce, zone: $zone->name, limit: $limit));
    }
}
