<?php

declare(strict_types=1);

namespace PaperKite\Partner;

/**
 * What a page that a click leads out to learns of where the shopper comes from.
 *
 * @see https://www.w3.org/TR/referrer-policy/
 */
enum ReferrerPolicy: string
{
    case Site = 'strict-origin';
    case Nothing = 'no-referrer';

    public function label(): string
    {
        return match ($this) {
            self::Site => 'The site, not the page',
            self::Nothing => 'Nothing',
        };
    }
}
