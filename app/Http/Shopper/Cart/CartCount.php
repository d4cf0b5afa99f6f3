<?php

declare(strict_types=1);

namespace App\Http\Shopper\Cart;

use App\Carts\FindCart;
use App\Http\Shopper\Visitor;
use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Shop;
use Illuminate\Http\Request;

/** How many pieces are in the cart of whoever asks: without a cart nobody is asked for anything. */
final readonly class CartCount
{
    public function __construct(
        private FindCart $carts,
        private Request $request,
    ) {}

    public function of(Shop $shop): int
    {
        $cart = $this->carts->shared($shop, Visitor::of($this->request)->owner());

        return $cart === null ? 0 : self::in($cart);
    }

    public static function in(Cart $cart): int
    {
        return array_sum($cart->lines->map(static fn (CartLine $line): int => $line->product->kind->isMoneyItself() ? 1 : $line->quantity)->all());
    }
}
