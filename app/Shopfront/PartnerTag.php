<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Models\PartnerAddress;
use App\Models\Product;
use DateTimeZone;
use PaperKite\Time\Moment;
use PaperKite\Words\Wording;

/** What stands beside goods that a partner sells: who sells them, what they cost there, and that the shop earns by it. */
final readonly class PartnerTag
{
    private function __construct(
        /** "Nordkai". */
        public string $partner,
        public string $caption,
        public string $disclosure,
        /** With the day on which it was seen; blank where the seller shows none. */
        public string $price,
    ) {}

    /**
     * @param  Product  $product  of a partner, with its addresses, their marketplaces and partners
     * @param  string|null  $country  ISO 3166-1 alpha-2, where the shopper is; `null` where nobody knows
     */
    public static function of(Product $product, ?string $country, Wording $say): self
    {
        $id = $product->route()->for($country);
        $address = $product->addresses->firstWhere('id', $id) ?? $product->addresses->first();
        $partner = $address->marketplace->partner->name ?? '';

        return new self(
            $partner,
            $say->say('partner.see_it', partner: $partner),
            $say->say('partner.disclosure', partner: $partner),
            $address === null ? '' : self::price($address, $say),
        );
    }

    private static function price(PartnerAddress $address, Wording $say): string
    {
        $price = $address->price();
        if ($price === null || $address->priced_on === null) {
            return '';
        }
        $day = $say->dates()->shortDate(Moment::ofSeconds((int) $address->priced_on->getTimestamp()), new DateTimeZone($address->priced_on->getTimezone()->getName()));

        return $say->say('partner.price', price: $price, day: $day);
    }
}
