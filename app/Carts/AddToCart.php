<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Models\Placement;
use App\Models\Shop;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;

/** Puts goods into a cart: the shopper's one shared cart, or a cart of its own. Runs inside a transaction. */
final readonly class AddToCart
{
    public function __construct(
        private VisitorCarts $carts,
        private AddLines $addLines,
        private int $sameClickSeconds,
    ) {}

    /**
     * @param  non-empty-list<Goods>  $goods
     *
     * @throws TooManyCarts
     */
    public function toShared(Shop $shop, Visitor $visitor, array $goods, ?Placement $placement, Request $request): Cart
    {
        $cart = $this->carts->shared($shop, $visitor, $request);
        if ($this->isSameClick($cart, $placement)) {
            return $cart;
        }
        ($this->addLines)($cart, $goods, $placement);
        $cart->update(['last_placement_id' => $placement?->id, 'last_take' => null, 'last_added_at' => now(), 'second_step_at' => $cart->wasRecentlyCreated ? null : now()] + $this->landing($placement));

        return $cart;
    }

    /**
     * @param  non-empty-list<Goods>  $goods
     *
     * @throws TooManyCarts
     */
    public function alone(Shop $shop, Visitor $visitor, array $goods, ?Placement $placement, Request $request): Cart
    {
        $now = now();
        $earlier = $visitor->isNew ? null : Cart::query()
            ->where(['shop_id' => $shop->id, 'visitor' => $visitor->digest(), 'last_placement_id' => $placement?->id])
            ->whereNull('shared_by')
            ->whereNull('last_take')
            ->where('last_added_at', '>', $now->subSeconds($this->sameClickSeconds))
            // Two buttons of the shop's own are told apart by what they sell.
            ->whereHas('lines', static fn (Builder $lines) => $lines->where(['product_id' => $goods[0]->product->id, 'variant_id' => $goods[0]->variant?->id]))
            ->first();
        if ($earlier !== null) {
            return $earlier;
        }
        $cart = $this->carts->alone($shop, $visitor, $request, ['last_placement_id' => $placement?->id, 'last_added_at' => $now] + $this->landing($placement));
        ($this->addLines)($cart, $goods, $placement);

        return $cart;
    }

    /** @return array<string, string> where the shopper lands after paying, where the offer says so */
    private function landing(?Placement $placement): array
    {
        $landing = $placement?->offer->landing;

        return $landing === null ? [] : ['back' => $landing];
    }

    private function isSameClick(Cart $cart, ?Placement $placement): bool
    {
        return $placement !== null
            && $cart->last_placement_id === $placement->id
            && $cart->last_added_at?->greaterThan(now()->subSeconds($this->sameClickSeconds)) === true;
    }
}
