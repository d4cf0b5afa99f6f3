<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Models\PartnerAddress;
use App\Models\Product;
use App\Models\Shop;
use DateTimeZone;
use PaperKite\Partner\Price\PriceShowing;
use PaperKite\Time\Moment;

/** What stands beside goods that a partner sells: who sells them, what they cost there, and that the shop earns by it. */
final readonly class PartnerTag
{
    private function __construct(
        /** "Nordkai". */
        public string $partner,
        public string $caption,
        public string $disclosure,
        /** With the day on which it was seen; blank where none is shown. */
        public string $price,
        /** The same for as long as it is seen there unchanged: what it costs, and whether that is marked as old. */
        public string $undated,
    ) {}

    /**
     * @param  Product  $product  of a partner, with its addresses, their marketplaces and partners
     * @param  string|null  $country  ISO 3166-1 alpha-2, where the shopper is; `null` where nobody knows
     * @param  Moment|null  $at  when its price is shown; `null`: only who sells it is said
     */
    public static function of(Product $product, ?string $country, Shop $shop, ?Moment $at): self
    {
        $say = $shop->wording();
        $id = $product->route()->for($country);
        $address = $product->addresses->firstWhere('id', $id) ?? $product->addresses->first();
        $partner = $address->marketplace->partner->name ?? '';

        return new self(
            $partner,
            $say->say('partner.see_it', partner: $partner),
            $say->say('partner.disclosure', partner: $partner),
            ...($address === null || $at === null ? ['', ''] : self::price($address, $shop, $at)),
        );
    }

    /** @return array{string, string} with its day, and without */
    private static function price(PartnerAddress $address, Shop $shop, Moment $at): array
    {
        $price = $address->price();
        $showing = $address->showing($shop->partner_rules, $at->dayIn($shop->zone()));
        if ($price === null || $address->priced_on === null || $showing === PriceShowing::Hidden) {
            return ['', ''];
        }
        $say = $shop->wording();
        $day = $say->dates()->shortDate(Moment::ofSeconds((int) $address->priced_on->getTimestamp()), new DateTimeZone($address->priced_on->getTimezone()->getName()));

        $key = $showing === PriceShowing::Marked ? 'partner.old_price' : 'partner.price';

        return [$say->say($key, price: $price, day: $day), "{$key} {$price->decimal()} {$price->currency->code}"];
    }
}
