<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Models\Shop;

/** Carts are opened by the browser that owns them, and by no other. */
final readonly class FindCart
{
    public function shared(Shop $shop, Visitor $visitor): ?Cart
    {
        return Cart::query()->where(['shop_id' => $shop->id, 'shared_by' => $visitor->digest()])->with('lines')->first();
    }

    public function named(Shop $shop, Visitor $visitor, string $ref): ?Cart
    {
        return Cart::query()->where(['shop_id' => $shop->id, 'visitor' => $visitor->digest(), 'ref' => $ref])->with('lines')->first();
    }
}
