<?php

declare(strict_types=1);

namespace PaperKite\Link;

/** The country a proxy names, or a browser gives away without being asked: the region of its first language that names one. */
final class ShopperCountry
{
    /** ISO 3166-1 alpha-2. To ask the library of names, which reads files for it, would take a third of the time that a click does. */
    private const COUNTRIES = ' AD AE AF AG AI AL AM AO AQ AR AS AT AU AW AX AZ BA BB BD BE BF BG BH BI BJ BL BM BN BO BQ BR BS BT BV BW BY BZ CA CC CD '
        .'CF CG CH CI CK CL CM CN CO CR CU CV CW CX CY CZ DE DJ DK DM DO DZ EC EE EG EH ER ES ET FI FJ FK FM FO FR GA GB GD GE GF '
        .'GG GH GI GL GM GN GP GQ GR GS GT GU GW GY HK HM HN HR HT HU ID IE IL IM IN IO IQ IR IS IT JE JM JO JP KE KG KH KI KM KN '
        .'KP KR KW KY KZ LA LB LC LI LK LR LS LT LU LV LY MA MC MD ME MF MG MH MK ML MM MN MO MP MQ MR MS MT MU MV MW MX MY MZ NA '
        .'NC NE NF NG NI NL NO NP NR NU NZ OM PA PE PF PG PH PK PL PM PN PR PS PT PW PY QA RE RO RS RU RW SA SB SC SD SE SG SH SI '
        .'SJ SK SL SM SN SO SR SS ST SV SX SY SZ TC TD TF TG TH TJ TK TL TM TN TO TR TT TV TW TZ UA UG UM US UY UZ VA VC VE VG VI '
        .'VN VU WF WS YE YT ZA ZM ZW ';

    /** @return string|null ISO 3166-1 alpha-2; `null` where it names no country */
    public static function named(string $code): ?string
    {
        return strlen($code) === 2 && str_contains(self::COUNTRIES, ' '.strtoupper($code).' ') ? strtoupper($code) : null;
    }

    /** @return string|null ISO 3166-1 alpha-2 */
    public static function fromLanguages(string $acceptLanguage): ?string
    {
        preg_match_all('/(?:\A|,)\s*[a-z]{2,3}(?:-[a-z]{4})?-([a-z]{2})(?=[\s;,-]|\z)/i', substr($acceptLanguage, 0, 200), $found);
        foreach ($found[1] as $region) {
            $country = self::named($region);
            if ($country !== null) {
                return $country;
            }
        }

        return null;
    }
}
