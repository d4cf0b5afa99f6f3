<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Models\Placement;
use App\Models\Shop;
use App\Secrets;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use PaperKite\Quote\Quantity;

/** Puts goods into a cart: the shopper's one shared cart, or a cart of its own. Runs inside a transaction. */
final readonly class AddToCart
{
    public function __construct(
        private NewCartLimit $limit,
        private int $sameClickSeconds,
    ) {}

    /** @throws TooManyCarts */
    public function toShared(Shop $shop, Visitor $visitor, Goods $goods, ?Placement $placement, Request $request): Cart
    {
        $now = now();
        $ref = Secrets::ref();
        // One statement makes the cart or finds it, and locks it: two clicks at once take turns here.
        DB::insert(
            'INSERT INTO carts (shop_id, ref, visitor, shared_by, created_at) VALUES (?, ?, ?, ?, ?) ON DUPLICATE KEY UPDATE id = LAST_INSERT_ID(id)',
            [$shop->id, $ref, $visitor->digest(), $visitor->digest(), $now],
        );
        $cart = Cart::query()->findOrFail((int) DB::getPdo()->lastInsertId());
        $isNew = $cart->ref === $ref;
        if ($isNew) {
            $this->limit->count($request);
        }
        if ($this->isSameClick($cart, $placement)) {
            return $cart;
        }
        $this->addLine($cart, $goods, $placement);
        $cart->update(['last_placement_id' => $placement?->id, 'last_added_at' => $now, 'second_step_at' => $isNew ? null : $now]);

        return $cart;
    }

    /** @throws TooManyCarts */
    public function alone(Placement $placement, Visitor $visitor, Request $request): Cart
    {
        $now = now();
        $earlier = $visitor->isNew ? null : Cart::query()
            ->where(['shop_id' => $placement->shop_id, 'visitor' => $visitor->digest(), 'last_placement_id' => $placement->id])
            ->whereNull('shared_by')
            ->where('last_added_at', '>', $now->subSeconds($this->sameClickSeconds))
            ->whereHas('lines')
            ->first();
        if ($earlier !== null) {
            return $earlier;
        }
        $this->limit->count($request);
        $cart = Cart::query()->create([
            'shop_id' => $placement->shop_id,
            'ref' => Secrets::ref(),
            'visitor' => $visitor->digest(),
            'last_placement_id' => $placement->id,
            'last_added_at' => $now,
            'created_at' => $now,
        ]);
        $this->addLine($cart, new Goods($placement->offer->product, null, $placement->offer->quantity), $placement);

        return $cart;
    }

    private function isSameClick(Cart $cart, ?Placement $placement): bool
    {
        return $placement !== null
            && $cart->last_placement_id === $placement->id
            && $cart->last_added_at?->greaterThan(now()->subSeconds($this->sameClickSeconds)) === true;
    }

    private function addLine(Cart $cart, Goods $goods, ?Placement $placement): void
    {
        DB::insert(
            'INSERT INTO cart_lines (cart_id, product_id, variant_id, quantity, placement_id) VALUES (?, ?, ?, ?, ?) ON DUPLICATE KEY UPDATE quantity = LEAST(?, quantity + VALUES(quantity)), placement_id = COALESCE(VALUES(placement_id), placement_id)',
            [$cart->id, $goods->product->id, $goods->variant?->id, $goods->quantity, $placement?->id, Quantity::LARGEST],
        );
    }
}
