<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Shop;
use App\Time\Clock;
use PaperKite\Quote\Because;
use PaperKite\Quote\Quote;
use PaperKite\Quote\QuoteRequest;
use PaperKite\Quote\Unquotable;

/** Works out what a cart comes to now, or why it can't be said. */
final readonly class ReckonCart
{
    public function __construct(private Clock $clock) {}

    /** @param  string  $country  ISO 3166-1 alpha-2 */
    public function __invoke(Shop $shop, Cart $cart, string $country): CartBill
    {
        $coupon = $cart->coupon_code === null ? null : $shop->coupons()->where('code', $cart->coupon_code)->first();
        $counts = $coupon?->isValid($this->clock->now()) === true;
        $asked = new QuoteRequest(
            $shop->rules(),
            array_values($cart->lines->map(fn (CartLine $line) => $line->toCore())->all()),
            $country,
            $this->clock->moment(),
            $counts ? $coupon?->toCore($shop->currency()) : null,
        );
        try {
            $receipt = Quote::of($asked);
        } catch (Unquotable $unquotable) {
            return new CartBill($country, null, $unquotable->faults, $coupon, null);
        }
        $finding = match (true) {
            $cart->coupon_code === null => null,
            ! $counts => ApplyCoupon::notValid($shop->wording(), $cart->coupon_code),
            default => (Because::findings($receipt)[0] ?? null)?->in($shop->wording()),
        };

        return new CartBill($country, $receipt, [], $coupon, $finding);
    }
}
