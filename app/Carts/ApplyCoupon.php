<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Cache\RateLimiter;

/** Puts the coupon that a shopper typed into the cart, or takes it out. */
final readonly class ApplyCoupon
{
    private const TRIES_PER_CART = 10;

    private const TRIES_PER_ADDRESS = 40;

    private const SECONDS = 600;

    public function __construct(
        private RateLimiter $limiter,
        private Clock $clock,
    ) {}

    /**
     * @param  string  $typed  as the form sent it
     * @return string|null what is wrong with the code, in a sentence
     */
    public function __invoke(Shop $shop, Cart $cart, string $typed, Caller $caller): ?string
    {
        $typed = trim(mb_scrub($typed, 'UTF-8'));
        if ($typed === '' || $typed === $cart->coupon_code) {
            return null;
        }
        if (! $this->mayTry($cart, $caller)) {
            return 'That is a lot of codes; wait ten minutes and try again.';
        }
        $coupon = mb_strlen($typed) > 40 ? null : $shop->coupons()->where('code', $typed)->first();
        if ($coupon === null) {
            return 'This shop has no such coupon; look at how it is spelled.';
        }
        $cart->update(['coupon_code' => $coupon->code, 'second_step_at' => $this->clock->now()]);

        return null;
    }

    public function remove(Cart $cart): void
    {
        $cart->update(['coupon_code' => null]);
    }

    /** Codes can be guessed: tries are limited by cart and by address. */
    private function mayTry(Cart $cart, Caller $caller): bool
    {
        $address = "coupon-address-{$caller->address}";
        $mine = "coupon-cart-{$cart->id}";
        if ($this->limiter->tooManyAttempts($mine, self::TRIES_PER_CART) || $this->limiter->tooManyAttempts($address, self::TRIES_PER_ADDRESS)) {
            return false;
        }
        $this->limiter->hit($mine, self::SECONDS);
        $this->limiter->hit($address, self::SECONDS);

        return true;
    }
}
