<?php

declare(strict_types=1);

namespace App\Shopfront;

use Illuminate\Contracts\Cache\Repository;
use PaperKite\Look\PageLook;

/** The style sheet of a shop's pages. Its colours take milliseconds to work out, so that they are kept by what they are worked out of. */
final readonly class PageSheet
{
    public function __construct(private Repository $cache) {}

    public function of(PageLook $look): string
    {
        $key = 'page-sheet-'.hash('sha256', "{$look->ground->hex()} {$look->accent->hex()} {$look->font->value} ".($look->staysLight ? 'light' : 'both'));
        $kept = $this->cache->get($key);
        if (is_string($kept)) {
            return $kept;
        }
        $css = $look->css();
        $this->cache->forever($key, $css);

        return $css;
    }
}
