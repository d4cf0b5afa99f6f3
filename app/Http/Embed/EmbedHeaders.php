<?php

declare(strict_types=1);

namespace App\Http\Embed;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Headers of every answer to a page of another site: it may be read there, and is no page by itself. */
final class EmbedHeaders
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->add([
            'Access-Control-Allow-Origin' => '*',
            'Cross-Origin-Resource-Policy' => 'cross-origin',
            'Content-Security-Policy' => "default-src 'none'; frame-ancestors 'none'",
            'X-Content-Type-Options' => 'nosniff',
            'Referrer-Policy' => 'no-referrer',
        ]);

        if (! $request->isMethodCacheable()) {
            // A cart is its page's alone.
            $response->headers->set('Cache-Control', 'no-store');
        }

        return $response;
    }
}
