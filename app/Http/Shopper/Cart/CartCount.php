<?php

declare(strict_types=1);

namespace App\Http\Shopper\Cart;

use App\Carts\CountPieces;
use App\Http\Shopper\Visitor;
use App\Models\Shop;
use Illuminate\Http\Request;

/** How many pieces are in the cart of whoever asks: without a cookie nobody's is looked for. */
final readonly class CartCount
{
    public function __construct(
        private CountPieces $pieces,
        private Request $request,
    ) {}

    public function of(Shop $shop): int
    {
        return $this->pieces->of($shop, Visitor::of($this->request)->owner());
    }
}
