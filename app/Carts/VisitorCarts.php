<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Models\Shop;
use App\Secrets;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** Makes carts: the shopper's one shared cart, or a cart of its own. Runs inside a transaction. */
final readonly class VisitorCarts
{
    public function __construct(private NewCartLimit $limit) {}

    /**
     * @return Cart locked until the transaction ends; `wasRecentlyCreated` says whether it is new
     *
     * @throws TooManyCarts
     */
    public function shared(Shop $shop, Visitor $visitor, Request $request): Cart
    {
        $ref = Secrets::ref();
        // One statement makes the cart or finds it, and locks it: two clicks at once take turns here.
        DB::insert(
            'INSERT INTO carts (shop_id, ref, visitor, shared_by, created_at) VALUES (?, ?, ?, ?, ?) ON DUPLICATE KEY UPDATE id = LAST_INSERT_ID(id)',
            [$shop->id, $ref, $visitor->digest(), $visitor->digest(), now()],
        );
        $cart = Cart::query()->findOrFail((int) DB::getPdo()->lastInsertId());
        $cart->wasRecentlyCreated = $cart->ref === $ref;
        if ($cart->wasRecentlyCreated) {
            $this->limit->count($request);
        }

        return $cart;
    }

    /**
     * @param  array<string, mixed>  $with  how it was begun
     *
     * @throws TooManyCarts
     */
    public function alone(Shop $shop, Visitor $visitor, Request $request, array $with): Cart
    {
        $this->limit->count($request);

        return Cart::query()->create(['shop_id' => $shop->id, 'ref' => Secrets::ref(), 'visitor' => $visitor->digest(), 'created_at' => now()] + $with);
    }
}
