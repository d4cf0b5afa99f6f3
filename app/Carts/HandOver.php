<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Models\Shop;

/** Gives what one secret opens to another, of the same person. Runs inside a transaction. */
final readonly class HandOver
{
    public function __invoke(Shop $shop, CartOwner $from, CartOwner $to): void
    {
        if ($from->isNew) {
            return;
        }
        $carts = Cart::query()->where(['shop_id' => $shop->id, 'visitor' => $from->digest])->orderBy('id')->lockForUpdate()->get(['id', 'shared_by']);
        foreach ($carts as $cart) {
            $cart->update(['visitor' => $to->digest, 'shared_by' => $cart->shared_by === null ? null : $to->digest]);
        }
    }
}
