<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Models\Shop;
use App\Text\Secrets;
use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;

/** Makes carts: the shopper's one shared cart, or a cart of its own. Runs inside a transaction. */
final readonly class VisitorCarts
{
    public function __construct(
        private NewCartLimit $limit,
        private ConnectionInterface $db,
    ) {}

    /**
     * @return Cart locked until the transaction ends; `wasRecentlyCreated` says whether it is new
     *
     * @throws TooManyCarts
     */
    public function shared(Shop $shop, CartOwner $owner, Caller $caller, CarbonImmutable $now): Cart
    {
        $ref = Secrets::ref();
        // One statement makes the cart or finds it, and locks it: two clicks at once take turns here.
        $this->db->insert(
            'INSERT INTO carts (shop_id, ref, visitor, shared_by, created_at) VALUES (?, ?, ?, ?, ?) ON DUPLICATE KEY UPDATE id = id',
            [$shop->id, $ref, $owner->digest, $owner->digest, $now],
        );
        $cart = Cart::query()->where(['shop_id' => $shop->id, 'shared_by' => $owner->digest])->firstOrFail();
        $cart->wasRecentlyCreated = $cart->ref === $ref;
        if ($cart->wasRecentlyCreated) {
            $this->limit->check($caller);
        }

        return $cart;
    }

    /**
     * @param  array<string, mixed>  $with  how it was begun
     *
     * @throws TooManyCarts
     */
    public function alone(Shop $shop, CartOwner $owner, Caller $caller, array $with): Cart
    {
        $this->limit->check($caller);

        return Cart::query()->create(['shop_id' => $shop->id, 'ref' => Secrets::ref(), 'visitor' => $owner->digest] + $with);
    }
}
