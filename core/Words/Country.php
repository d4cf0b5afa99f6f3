<?php

declare(strict_types=1);

namespace PaperKite\Words;

use Symfony\Component\Intl\Countries;

/** A country that is named to a shopper. */
final readonly class Country
{
    /** @param  string  $code  ISO 3166-1 alpha-2 */
    public function __construct(public string $code) {}

    public function name(string $locale): string
    {
        return Countries::exists($this->code) ? Countries::getName($this->code, $locale) : $this->code;
    }
}
