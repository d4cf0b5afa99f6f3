<?php

declare(strict_types=1);

namespace App\Carts;

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
    public function __invoke(Shop $shop, CartContents $contents, string $country): CartBill
    {
        $coupon = $contents->couponCode === null ? null : $shop->coupons()->where('code', $contents->couponCode)->first();
        $counts = $coupon?->isValid($this->clock->now()) === true;
        $asked = new QuoteRequest(
            $shop->rules(),
            $contents->picks(),
            $country,
            $this->clock->moment(),
            $counts ? $coupon?->toCore($shop->currency()) : null,
            array_map(CardPayment::toCore(...), $contents->cards),
        );
        try {
            $receipt = Quote::of($asked);
        } catch (Unquotable $unquotable) {
            return new CartBill($country, null, $unquotable->faults, $coupon, null);
        }
        $finding = match (true) {
            $contents->couponCode === null => null,
            ! $counts => ApplyCoupon::notValid($shop->wording(), $contents->couponCode),
            default => (Because::findings($receipt)[0] ?? null)?->in($shop->wording()),
        };

        return new CartBill($country, $receipt, [], $coupon, $finding, CardPayment::listOf($contents->cards, $receipt));
    }
}
