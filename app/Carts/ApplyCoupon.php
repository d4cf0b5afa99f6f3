<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Cache\RateLimiter;
use PaperKite\Words\Wording;

/** Puts the coupon that a shopper typed into the cart, or takes it out. */
final readonly class ApplyCoupon
{
    private const LONGEST = 40;

    private const TRIES_PER_OWNER = 10;

    private const TRIES_PER_ADDRESS = 40;

    private const SECONDS = 600;

    public function __construct(
        private RateLimiter $limiter,
        private Clock $clock,
    ) {}

    /** Unknown, ended, not begun and used up are one sentence: whoever guesses learns nothing from it. */
    public static function notValid(Wording $say, string $code): string
    {
        return $say->say('refused.coupon', code: $code);
    }

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
        if (! $this->mayTry($cart->visitor, $caller)) {
            return $shop->wording()->say('refused.codes');
        }
        $coupon = mb_strlen($typed) > self::LONGEST ? null : $shop->coupons()->where('code', $typed)->first();
        if ($coupon?->isValid($this->clock->now()) !== true) {
            return self::notValid($shop->wording(), $typed);
        }
        $cart->update(['coupon_code' => $coupon->code, 'second_step_at' => $this->clock->now()]);

        return null;
    }

    /**
     * The coupon that a link names: every link is a try, as every form is.
     *
     * @return string|null `null` where it names none, or too many were tried
     */
    public function byLink(?string $code, CartOwner $owner, Caller $caller): ?string
    {
        return $code !== null && $this->mayTry($owner->isNew ? null : $owner->digest, $caller) ? $code : null;
    }

    public function remove(Cart $cart): void
    {
        $cart->update(['coupon_code' => null]);
    }

    /** Codes can be guessed: tries are limited by whose the cart is, and by address. */
    private function mayTry(?string $owner, Caller $caller): bool
    {
        $limits = ["coupon-address-{$caller->address}" => self::TRIES_PER_ADDRESS] + ($owner === null ? [] : ["coupon-owner-{$owner}" => self::TRIES_PER_OWNER]);
        foreach ($limits as $key => $most) {
            if ($this->limiter->tooManyAttempts($key, $most)) {
                return false;
            }
        }
        foreach (array_keys($limits) as $key) {
            $this->limiter->hit($key, self::SECONDS);
        }

        return true;
    }
}
