<?php

declare(strict_types=1);

namespace App\Http\Console;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Headers of every answer to a seller's browser. */
final readonly class ConsoleHeaders
{
    private const POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; media-src 'self'; font-src 'self'; connect-src 'self'; "
        ."frame-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        if (! $response->headers->has('Content-Security-Policy')) {
            $response->headers->set('Content-Security-Policy', self::POLICY);
        }
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'same-origin');
        // What says how it is known again says nothing of a shop or a person.
        if (! $response->headers->has('ETag')) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }

        return $response;
    }
}
