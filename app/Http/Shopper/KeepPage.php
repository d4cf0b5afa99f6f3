<?php

declare(strict_types=1);

namespace App\Http\Shopper;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Tells the web server, and nobody behind it, that it may keep a page for seconds: one that was asked for without any
 * cookie, so that nothing personal is on it. Whoever has a cookie is answered for themselves.
 */
final readonly class KeepPage
{
    private const SECONDS = 2;

    /** What a page's own links and a seller's say. What somebody typed makes a page that nobody else asks for. */
    private const PLAIN = ['category', 'page', 'sort', 'quantity', 'k', 'glance'];

    /** @param  string|null  $countryHeader  in which a listed proxy says where the visitor is; `null`: in none */
    public function __construct(private ?string $countryHeader) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        if (self::isForAll($request) && $response->getStatusCode() === 200 && $response->headers->getCookies() === []) {
            $response->headers->set('X-Accel-Expires', (string) self::SECONDS);
            // The web server tells apart by languages what it keeps; of this header it knows by its name alone.
            if ($this->countryHeader !== null) {
                $response->headers->set('Vary', $this->countryHeader);
            }
        }

        return $response;
    }

    private static function isForAll(Request $request): bool
    {
        return $request->getRealMethod() === 'GET'
            && ! $request->headers->has('Cookie')
            && ! $request->headers->has('Authorization')
            && array_diff(array_keys($request->query->all()), self::PLAIN) === [];
    }
}
