<?php

declare(strict_types=1);

namespace App\Http\Shopper;

use App\Models\Shop;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * A form of the shop is sent by the shop's own pages alone. There is no session to hold a token, so the browser's
 * word is taken: `Origin` (RFC 6454) where it sends one, else `Sec-Fetch-Site`. A program that sends neither brings
 * nobody's cookie along. The shop's origin is what is configured, not what the request says of itself.
 */
final readonly class SameOrigin
{
    public function __construct(private Shop $shop) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->isMethodSafe() && ! $this->isOwn($request)) {
            abort(403);
        }

        return $next($request);
    }

    private function isOwn(Request $request): bool
    {
        $origin = $request->headers->get('Origin');
        // "null" is what a page sends that keeps its referrer to itself; the site it names then decides.
        if ($origin !== null && $origin !== 'null') {
            return $origin === $this->shop->base();
        }

        return in_array($request->headers->get('Sec-Fetch-Site'), $origin === 'null' ? ['same-origin'] : ['same-origin', null], true);
    }
}
