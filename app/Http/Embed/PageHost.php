<?php

declare(strict_types=1);

namespace App\Http\Embed;

use Illuminate\Http\Request;

/** The host of the page that asks, as its browser says (RFC 6454). */
final class PageHost
{
    /** @return string blank where nothing can be said, as of a page in a file */
    public static function of(Request $request): string
    {
        $host = parse_url($request->headers->get('Origin') ?? '', PHP_URL_HOST);

        return is_string($host) && preg_match('/\A[a-z0-9.-]+\z/i', $host) === 1 ? $host : '';
    }
}
