<?php

declare(strict_types=1);

namespace PaperKite\Link;

use Symfony\Component\Intl\Countries;

/** The country a proxy names, or a browser gives away without being asked: the region of its first language that names one. */
final class ShopperCountry
{
    /** @return string|null ISO 3166-1 alpha-2; `null` where it names no country */
    public static function named(string $code): ?string
    {
        return strlen($code) === 2 && Countries::exists(strtoupper($code)) ? strtoupper($code) : null;
    }

    /** @return string|null ISO 3166-1 alpha-2 */
    public static function fromLanguages(string $acceptLanguage): ?string
    {
        preg_match_all('/(?:\A|,)\s*[a-z]{2,3}(?:-[a-z]{4})?-([a-z]{2})(?=[\s;,-]|\z)/i', substr($acceptLanguage, 0, 200), $found);
        foreach ($found[1] as $region) {
            if (Countries::exists(strtoupper($region))) {
                return strtoupper($region);
            }
        }

        return null;
    }
}
