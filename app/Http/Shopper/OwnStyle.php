<?php

declare(strict_types=1);

namespace App\Http\Shopper;

/**
 * The style that stands in a shop's page itself. The page's policy names its digest, which stays what it is however
 * often the page is served, as a nonce must not (CSP 3, 6.7.2.1).
 */
final class OwnStyle
{
    private string $source = '';

    /** @param  string  $css  all that stands between the tags */
    public function allowed(string $css): string
    {
        $this->source = "'sha256-".base64_encode(hash('sha256', $css, true))."'";

        return $css;
    }

    /** @return string of `style-src`; blank where the page has no style of its own */
    public function source(): string
    {
        return $this->source;
    }
}
