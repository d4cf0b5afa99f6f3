<?php

declare(strict_types=1);

namespace PaperKite\Checkout;

/**
 * Where addresses have no postcode, so that nobody is asked for one.
 *
 * @see https://www.upu.int/en/Postal-Solutions/Programmes-Services/Addressing-Solutions the addressing systems of the Universal Postal Union's members
 */
final class Postcodes
{
    private const NONE = [
        'AE', 'AG', 'AN', 'AO', 'AW', 'BF', 'BI', 'BJ', 'BO', 'BQ', 'BS', 'BW', 'BZ', 'CD', 'CF', 'CG', 'CI', 'CK', 'CM', 'CW', 'DJ', 'DM', 'ER', 'FJ', 'GA', 'GD', 'GM', 'GQ', 'GY',
        'HK', 'JM', 'KI', 'KM', 'KN', 'KP', 'LY', 'ML', 'MO', 'MR', 'MW', 'NR', 'NU', 'QA', 'RW', 'SB', 'SC', 'SL', 'SR', 'ST', 'SX', 'SY', 'TD', 'TG', 'TK', 'TL', 'TO', 'TV', 'UG', 'VU', 'YE', 'ZW',
    ];

    /** @param  string  $country  ISO 3166-1 alpha-2 */
    public static function has(string $country): bool
    {
        return ! in_array($country, self::NONE, true);
    }
}
