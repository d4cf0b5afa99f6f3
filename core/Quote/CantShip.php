<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use DomainException;
use PaperKite\Refusal;
use Symfony\Component\Intl\Countries;

final class CantShip extends DomainException implements Refusal
{
    private function __construct(
        /** The key of the quote document that has to change. */
        public readonly string $at,
        string $message,
    ) {
        parent::__construct($message);
    }

    public static function to(string $country): self
    {
        $name = Countries::exists($country) ? Countries::getName($country, 'en') : $country;

        return new self('country', "This shop does not ship to {$name}; choose another country.");
    }

    public static function beyond(ShippingZone $zone, string $limit): self
    {
        return new self('cart', "To “{$zone->name}” at most {$limit} can be sent at once; take less, or order in two parts.");
    }
}
