<?php

declare(strict_types=1);

namespace PaperKite\Text;

/** Between the whole part of a number and its decimals, as people write it. A point is read everywhere. */
enum DecimalMark: string
{
    case Point = '.';
    case Comma = ',';

    /**
     * Of these countries' amounts in the Unicode CLDR (currencyDecimal, or decimal, of the country's likely language).
     *
     * @link https://cldr.unicode.org
     */
    private const COUNTRIES_WITH_A_COMMA = [
        'AD', 'AL', 'AM', 'AO', 'AR', 'AT', 'AW', 'AX', 'AZ', 'BA', 'BE', 'BF', 'BG', 'BI', 'BJ', 'BL', 'BN', 'BO', 'BR', 'BV', 'BY', 'CD', 'CF', 'CG', 'CI',
        'CL', 'CM', 'CO', 'CR', 'CY', 'CZ', 'DE', 'DJ', 'DK', 'DZ', 'EC', 'EE', 'ES', 'FI', 'FO', 'FR', 'GA', 'GE', 'GF', 'GL', 'GN', 'GP', 'GQ', 'GR', 'GW',
        'HR', 'HT', 'HU', 'ID', 'IS', 'IT', 'KG', 'KH', 'KZ', 'LA', 'LT', 'LU', 'LV', 'LY', 'MA', 'MC', 'MD', 'ME', 'MF', 'MK', 'MQ', 'MU', 'MZ', 'NA', 'NC',
        'NL', 'NO', 'PF', 'PL', 'PM', 'PT', 'RE', 'RO', 'RS', 'RU', 'RW', 'SC', 'SE', 'SI', 'SJ', 'SK', 'SM', 'SN', 'SR', 'ST', 'TF', 'TG', 'TJ', 'TL', 'TM',
        'TN', 'TR', 'UA', 'UY', 'UZ', 'VA', 'VE', 'VN', 'WF', 'YT', 'ZA',
    ];

    /** @param  string  $country  ISO 3166-1 alpha-2 */
    public static function in(string $country): self
    {
        return in_array($country, self::COUNTRIES_WITH_A_COMMA, true) ? self::Comma : self::Point;
    }

    /** A number that is written with this mark, with a point: `19,90` is `19.90`. Anything else stays, to be refused as it was typed. */
    public function pointed(string $text): string
    {
        return $this === self::Comma && preg_match('/\A *-?\d+,\d+ *\z/', $text) === 1 ? str_replace(',', '.', $text) : $text;
    }

    /**
     * The numbers of a list; where decimals are written with a comma, two of them stand apart by a space or a semicolon.
     *
     * @return list<string>
     */
    public function split(string $list): array
    {
        $apart = match ($this) {
            self::Point => '/[,;\s]+/u',
            self::Comma => '/[;\s]+|,(?=\s|\z)/u',
        };

        return preg_split($apart, $list, -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }
}
