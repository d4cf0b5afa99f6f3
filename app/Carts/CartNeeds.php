<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Shop;
use PaperKite\Catalogue\Pick;
use PaperKite\Checkout\Needs;

/** What an order of a cart needs to know of its shopper. */
final class CartNeeds
{
    public static function of(Shop $shop, Cart $cart): Needs
    {
        return Needs::of(array_values($cart->lines->map(static fn (CartLine $line): Pick => $line->toCore())->all()), $shop->rules());
    }
}
