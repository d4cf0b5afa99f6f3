<?php

declare(strict_types=1);

namespace App\Http\Embed;

use App\Http\Shopper\ReadCaller;
use Closure;
use Illuminate\Cache\RateLimiter;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What comes from one address faster than a classroom could look is not counted. */
final readonly class SeenLimit
{
    public function __construct(
        private RateLimiter $limiter,
        private ReadCaller $caller,
        private int $perAddress,
    ) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $address = ($this->caller)($request)->address;

        return $this->limiter->hit("widget-seen-{$address}", WidgetLimit::SECONDS) > $this->perAddress ? response()->noContent(Response::HTTP_TOO_MANY_REQUESTS) : $next($request);
    }
}
