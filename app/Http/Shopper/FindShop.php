<?php

declare(strict_types=1);

namespace App\Http\Shopper;

use App\Models\Shop;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Finds the shop by the host that was asked, leads on from a former host, and knows nothing at any other. */
final readonly class FindShop
{
    /** Where the payment provider, which was told of this host, sends what it has to say. */
    private const EVENTS = 'events/payments';

    public function __construct(private ShopHosts $hosts) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $shop = $this->hosts->shopAt($request->getHost()) ?? $this->hosts->stillServedAt($request, $request->is(self::EVENTS));
        if ($shop === null) {
            return $this->hosts->movedAnswer($request) ?? abort(404);
        }
        app()->instance(Shop::class, $shop);

        return $next($request);
    }
}
