<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Models\Shop;

/** Where a cart goes: as the shopper said, else as their browser's languages suggest, else where the shop is at home. */
final class CartCountry
{
    public static function of(Shop $shop, ?Cart $cart, Caller $caller): string
    {
        if ($cart !== null && ! CartNeeds::of($shop, $cart)->country) {
            return $shop->home_country;
        }
        if ($cart?->country !== null) {
            return $cart->country;
        }
        $guess = $caller->country;

        // Many browsers name a country that their owner has never been to: only one the shop itself names is believed.
        return $guess !== null && $shop->rules()->namesCountry($guess) ? $guess : $shop->home_country;
    }
}
