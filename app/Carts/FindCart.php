<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Models\Shop;

/** Carts are opened by whoever owns them, and by nobody else. */
final readonly class FindCart
{
    public function shared(Shop $shop, CartOwner $owner): ?Cart
    {
        return $owner->isNew ? null : Cart::query()->where(['shop_id' => $shop->id, 'shared_by' => $owner->digest])->with('lines')->first();
    }

    public function named(Shop $shop, CartOwner $owner, string $ref): ?Cart
    {
        return $owner->isNew ? null : Cart::query()->where(['shop_id' => $shop->id, 'visitor' => $owner->digest, 'ref' => $ref])->with('lines')->first();
    }
}
