<?php

declare(strict_types=1);

namespace App\Http\Shopper\Cart;

use App\Carts\ApplyCoupon;
use App\Http\Input;
use App\Http\Shopper\ReadCaller;
use App\Models\Cart;
use App\Models\Shop;
use Illuminate\Http\Request;

/** What the forms of cart and checkout say about a coupon: `coupon` as typed, or `remove_coupon` from its button. */
final readonly class CouponForm
{
    public function __construct(
        private ApplyCoupon $apply,
        private ReadCaller $caller,
    ) {}

    /** @return string|null what is wrong with the code, in a sentence */
    public function __invoke(Request $request, Shop $shop, Cart $cart): ?string
    {
        if (! $request->has('remove_coupon')) {
            return ($this->apply)($shop, $cart, Input::text($request, 'coupon'), ($this->caller)($request));
        }
        $this->apply->remove($cart);

        return null;
    }
}
