<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Shop;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

final readonly class ShopHosts
{
    public function shopAt(string $host): ?Shop
    {
        return Shop::query()->where('host', $host)->first();
    }

    /** A host that the shop has left leads to its present one for good, path and query kept. */
    public function movedAnswer(Request $request): ?RedirectResponse
    {
        $shopId = DB::table('former_hosts')->where('host', $request->getHost())->value('shop_id');
        $shop = $shopId === null ? null : Shop::query()->whereKey($shopId)->first();

        return $shop === null ? null : new RedirectResponse($shop->base().$request->getRequestUri(), 301);
    }
}
