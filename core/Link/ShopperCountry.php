<?php

declare(strict_types=1);

namespace PaperKite\Link;

/** The country a proxy names, or a browser gives away without being asked: the region of its first language that names one. */
final class ShopperCountry
{
    /**
     * ISO 3166-1 alpha-2: of each first letter the second ones. To ask the library of names, which reads files for it, would
     * take a third of the time that a click does.
     */
    private const COUNTRIES = [
        'A' => 'DEFGILMOQRSTUWXZ', 'B' => 'ABDEFGHIJLMNOQRSTVWYZ', 'C' => 'ACDFGHIKLMNORUVWXYZ', 'D' => 'EJKMOZ',
        'E' => 'CEGHRST', 'F' => 'IJKMOR', 'G' => 'ABDEFGHILMNPQRSTUWY', 'H' => 'KMNRTU', 'I' => 'DELMNOQRST', 'J' => 'EMOP',
        'K' => 'EGHIMNPRWYZ', 'L' => 'ABCIKRSTUVY', 'M' => 'ACDEFGHKLMNOPQRSTUVWXYZ', 'N' => 'ACEFGILOPRUZ', 'O' => 'M',
        'P' => 'AEFGHKLMNRSTWY', 'Q' => 'A', 'R' => 'EOSUW', 'S' => 'ABCDEGHIJKLMNORSTVXYZ', 'T' => 'CDFGHJKLMNORTVWZ',
        'U' => 'AGMSYZ', 'V' => 'ACEGINU', 'W' => 'FS', 'Y' => 'ET', 'Z' => 'AMW',
    ];

    private const REGION = '/(?:\A|,)\s*[a-z]{2,3}(?:-[a-z]{4})?-([a-z]{2})(?=[\s;,-]|\z)/i';

    /** @return string|null ISO 3166-1 alpha-2; `null` where it names no country */
    public static function named(string $code): ?string
    {
        $named = strtoupper($code);

        return strlen($named) === 2 && str_contains(self::COUNTRIES[$named[0]] ?? '', $named[1]) ? $named : null;
    }

    /** @return string|null ISO 3166-1 alpha-2 */
    public static function fromLanguages(string $acceptLanguage): ?string
    {
        $languages = substr($acceptLanguage, 0, 200);
        // Nearly always the first of them names a country, so that the others need not be read.
        for ($from = 0; preg_match(self::REGION, $languages, $found, PREG_OFFSET_CAPTURE, $from) === 1; $from = $found[1][1]) {
            $country = self::named($found[1][0]);
            if ($country !== null) {
                return $country;
            }
        }

        return null;
    }
}
