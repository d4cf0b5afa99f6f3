<?php

declare(strict_types=1);

namespace App\Http\Shopper;

use App\Carts\OpenTrip;
use App\Models\Shop;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Which shop answers at a host. A host that a shop has left leads to its present one, but for who is on the way. */
final readonly class ShopHosts
{
    public function __construct(
        private ConnectionInterface $db,
        private OpenTrip $open,
    ) {}

    public function shopAt(string $host): ?Shop
    {
        return Shop::query()->where('host', $host)->first();
    }

    /** The shop that has left the host, which it answers at all the same: to the provider, and to who has begun a cart there. */
    public function stillServedAt(Request $request, bool $isProvider): ?Shop
    {
        $shop = $this->formerlyAt($request->getHost());
        if ($shop === null || ! ($isProvider || ($this->open)($shop, Visitor::of($request)->owner()))) {
            return null;
        }
        $shop->serveAt($request->getHost());

        return $shop;
    }

    /** Path and query are kept, and method and form too (RFC 9110, 15.4.9). */
    public function movedAnswer(Request $request): ?RedirectResponse
    {
        $shop = $this->formerlyAt($request->getHost());

        return $shop === null ? null : new RedirectResponse($shop->base().$request->getRequestUri(), $request->isMethodSafe() ? 301 : 308);
    }

    private function formerlyAt(string $host): ?Shop
    {
        $shopId = $this->db->table('former_hosts')->where('host', $host)->value('shop_id');

        return $shopId === null ? null : Shop::query()->whereKey($shopId)->first();
    }
}
