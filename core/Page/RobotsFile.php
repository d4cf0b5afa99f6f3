<?php

declare(strict_types=1);

namespace PaperKite\Page;

/**
 * Where programs that gather pages may look.
 *
 * @see https://www.rfc-editor.org/rfc/rfc9309
 */
final class RobotsFile
{
    /**
     * @param  list<string>  $closed  beginnings of paths that are nobody's business
     * @param  string  $map  the address of the map of the site
     */
    public static function text(array $closed, string $map): string
    {
        $lines = array_map(static fn (string $path): string => "Disallow: {$path}\n", $closed);

        return "User-agent: *\n".implode('', $lines)."\nSitemap: {$map}\n";
    }
}
