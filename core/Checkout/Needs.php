<?php

declare(strict_types=1);

namespace PaperKite\Checkout;

use PaperKite\Catalogue\ParcelAddress;
use PaperKite\Catalogue\Pick;
use PaperKite\Quote\ShopRules;
use PaperKite\Quote\TaxRates;

/** What an order needs to know of its shopper, by what is in it. */
final readonly class Needs
{
    private function __construct(
        /** Whether it is asked where something goes: a parcel, or a person. */
        public bool $address,
        /** Whether the country changes what is paid, or the tax in it. */
        public bool $country,
        /** Whether the address may be left out. */
        public bool $isAddressOptional = false,
    ) {}

    /** What a parcel needs. */
    public static function parcel(): self
    {
        return new self(true, true);
    }

    /** @param  list<Pick>  $picks */
    public static function of(array $picks, ShopRules $rules): self
    {
        $addresses = array_map(static fn (Pick $pick): ParcelAddress => $pick->product->address(), $picks);
        $isRequired = in_array(ParcelAddress::Required, $addresses, true);
        $isAsked = $isRequired || in_array(ParcelAddress::Optional, $addresses, true);
        $taxed = array_filter($picks, static fn (Pick $pick): bool => self::isTaxed($pick, $rules->tax)) !== [];

        return new self($isAsked, $isAsked || $taxed, ! $isRequired);
    }

    private static function isTaxed(Pick $pick, TaxRates $tax): bool
    {
        $class = TaxRates::classOf($pick);

        return $class !== null && $tax->take($class);
    }
}
