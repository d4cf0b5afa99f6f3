<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use DateTimeZone;
use PaperKite\Money\Currency;

/** What a shop adds to the price of goods: tax, shipping; and what it keeps of it. */
final readonly class ShopRules
{
    /** @param  list<ShippingZone>  $zones */
    public function __construct(
        public Currency $currency,
        /** Where "today" is. */
        public DateTimeZone $timezone,
        public TaxRates $tax,
        /** `null`: shipping is not taxed. */
        public ?string $shippingTaxClass,
        public array $zones,
        public ?PaymentFee $paymentFee = null,
    ) {}

    public function zoneOf(string $country): ?ShippingZone
    {
        return $this->zoneNaming($country) ?? $this->zoneNaming(ShippingZone::ANYWHERE);
    }

    /** Whether a zone is there for this very country, not for all that are left. */
    public function namesCountry(string $country): bool
    {
        return $this->zoneNaming($country) !== null;
    }

    public function withZone(ShippingZone $zone): self
    {
        return new self($this->currency, $this->timezone, $this->tax, $this->shippingTaxClass, [...$this->zones, $zone], $this->paymentFee);
    }

    public function withTax(TaxRates $tax): self
    {
        return new self($this->currency, $this->timezone, $tax, $this->shippingTaxClass, $this->zones, $this->paymentFee);
    }

    private function zoneNaming(string $country): ?ShippingZone
    {
        foreach ($this->zones as $zone) {
            if (in_array($country, $zone->countries, true)) {
                return $zone;
            }
        }

        return null;
    }
}
