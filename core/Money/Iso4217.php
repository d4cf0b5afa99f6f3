<?php

declare(strict_types=1);

namespace PaperKite\Money;

/**
 * Minor digits of the current currencies.
 *
 * @see https://www.iso.org/iso-4217-currency-codes.html ISO 4217, list one, column "minor unit"
 */
final class Iso4217
{
    /** Codes whose minor unit is not the hundredth; `null` where the list gives none. */
    private const OTHER_DIGITS = [
        'BIF' => 0, 'CLP' => 0, 'DJF' => 0, 'GNF' => 0, 'ISK' => 0, 'JPY' => 0, 'KMF' => 0, 'KRW' => 0,
        'PYG' => 0, 'RWF' => 0, 'UGX' => 0, 'UYI' => 0, 'VND' => 0, 'VUV' => 0, 'XAF' => 0, 'XOF' => 0, 'XPF' => 0,
        'BHD' => 3, 'IQD' => 3, 'JOD' => 3, 'KWD' => 3, 'LYD' => 3, 'OMR' => 3, 'TND' => 3,
        'CLF' => 4, 'UYW' => 4,
        'XAG' => null, 'XAU' => null, 'XBA' => null, 'XBB' => null, 'XBC' => null, 'XBD' => null, 'XDR' => null,
        'XPD' => null, 'XPT' => null, 'XSU' => null, 'XTS' => null, 'XUA' => null, 'XXX' => null,
    ];

    private const HUNDREDTHS = 'AED AFN ALL AMD AOA ARS AUD AWG AZN BAM BBD BDT BMD BND BOB BOV BRL BSD BTN BWP BYN '
        .'BZD CAD CDF CHE CHF CHW CNY COP COU CRC CUP CVE CZK DKK DOP DZD EGP ERN ETB EUR FJD FKP GBP GEL GHS GIP GMD '
        .'GTQ GYD HKD HNL HTG HUF IDR ILS INR IRR JMD KES KGS KHR KPW KYD KZT LAK LBP LKR LRD LSL MAD MDL MGA MKD MMK '
        .'MNT MOP MRU MUR MVR MWK MXN MXV MYR MZN NAD NGN NIO NOK NPR NZD PAB PEN PGK PHP PKR PLN QAR RON RSD RUB SAR '
        .'SBD SCR SDG SEK SGD SHP SLE SOS SRD SSP STN SVC SYP SZL THB TJS TMT TOP TRY TTD TWD TZS UAH USD USN UYU UZS '
        .'VED VES WST XAD XCD XCG YER ZAR ZMW ZWG';

    /** @return list<string> of currencies in which amounts are written, in order */
    public static function codes(): array
    {
        $codes = [...array_keys(array_filter(self::OTHER_DIGITS, is_int(...))), ...explode(' ', self::HUNDREDTHS)];
        sort($codes);

        return $codes;
    }

    /** @return int|null the digits after the point, or `null` where the code is unknown or has no minor unit */
    public static function minorDigits(string $code): ?int
    {
        if (array_key_exists($code, self::OTHER_DIGITS)) {
            return self::OTHER_DIGITS[$code];
        }

        return preg_match('/\A[A-Z]{3}\z/', $code) === 1 && str_contains(self::HUNDREDTHS, $code) ? 2 : null;
    }
}
