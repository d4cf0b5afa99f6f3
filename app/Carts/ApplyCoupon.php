<?php

declare(strict_types=1);

namespace App\Carts;

use App\Http\Input;
use App\Models\Cart;
use App\Models\Shop;
use Illuminate\Cache\RateLimiter;
use Illuminate\Http\Request;

/** Puts the coupon that a shopper typed into the cart, or takes it out. */
final readonly class ApplyCoupon
{
    private const TRIES_PER_CART = 10;

    private const TRIES_PER_ADDRESS = 40;

    private const SECONDS = 600;

    public function __construct(
        private RateLimiter $limiter,
        private string $key,
    ) {}

    /** @return string|null what is wrong with the code, in a sentence */
    public function __invoke(Shop $shop, Cart $cart, Request $request): ?string
    {
        if ($request->has('remove_coupon')) {
            $cart->update(['coupon_code' => null]);

            return null;
        }
        $typed = trim(mb_scrub(Input::text($request, 'coupon'), 'UTF-8'));
        if ($typed === '' || $typed === $cart->coupon_code) {
            return null;
        }
        if (! $this->mayTry($cart, $request)) {
            return 'That is a lot of codes; wait ten minutes and try again.';
        }
        $coupon = mb_strlen($typed) > 40 ? null : $shop->coupons()->where('code', $typed)->first();
        if ($coupon === null) {
            return 'This shop has no such coupon; look at how it is spelled.';
        }
        $cart->update(['coupon_code' => $coupon->code, 'second_step_at' => now()]);

        return null;
    }

    /** Codes can be guessed: tries are limited by cart and by address. */
    private function mayTry(Cart $cart, Request $request): bool
    {
        $address = 'coupon-address-'.hash_hmac('sha256', (string) $request->ip(), $this->key);
        $mine = "coupon-cart-{$cart->id}";
        if ($this->limiter->tooManyAttempts($mine, self::TRIES_PER_CART) || $this->limiter->tooManyAttempts($address, self::TRIES_PER_ADDRESS)) {
            return false;
        }
        $this->limiter->hit($mine, self::SECONDS);
        $this->limiter->hit($address, self::SECONDS);

        return true;
    }
}
