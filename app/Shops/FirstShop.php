<?php

declare(strict_types=1);

namespace App\Shops;

use App\Models\Shop;
use DateTimeZone;
use PaperKite\Money\Currency;
use PaperKite\Quote\ShopRules;
use PaperKite\Quote\TaxRates;
use PaperKite\Refusal;
use PaperKite\Text\Slug;

/** The shop with which an installation begins: named by whoever runs it, with the rest to be said in it. */
final readonly class FirstShop
{
    private const FALLBACK = 'shop';

    public function __construct(private ShopNames $names) {}

    /**
     * @param  string  $host  any that is not reserved: whoever sets the installation up runs it
     * @param  string  $country  ISO 3166-1 alpha-2
     * @return array<string, mixed> as the table of shops keeps it
     *
     * @throws Refusal
     */
    public function attributes(string $name, string $host, string $country, Currency $currency): array
    {
        return [
            'name' => $name,
            'slug' => $this->slug($name),
            'host' => $this->names->host(null, $host, isOperator: true),
            'currency' => $currency->code,
            'home_country' => $country,
            'rules' => new ShopRules($currency, self::zone($country), new TaxRates(true, []), null, []),
        ];
    }

    /** Which addresses of the console hold; it is changed in the shop. */
    private function slug(string $name): string
    {
        $proposed = Slug::proposedFor($name)->text ?? self::FALLBACK;
        for ($number = 1; ; $number++) {
            $slug = $number === 1 ? $proposed : substr($proposed, 0, 36)."-{$number}";
            try {
                return $this->names->slug(null, $slug);
            } catch (InvalidShopName) {
                continue;
            }
        }
    }

    /** Where most of the country's clocks stand, as the tz database lists them; it is changed in the shop. */
    private static function zone(string $country): DateTimeZone
    {
        $zones = DateTimeZone::listIdentifiers(DateTimeZone::PER_COUNTRY, $country);

        return new DateTimeZone($zones[0] ?? 'UTC');
    }
}
