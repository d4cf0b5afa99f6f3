<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Coupon;
use App\Models\Shop;
use PaperKite\Quote\Because;
use PaperKite\Quote\Fault;
use PaperKite\Quote\Quote;
use PaperKite\Quote\QuoteRequest;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\Unquotable;
use PaperKite\Time\Moment;

/** What a cart comes to now, or why it can't be reckoned. */
final readonly class CartBill
{
    /** @param  list<Fault>  $faults */
    private function __construct(
        public string $country,
        public ?Receipt $receipt,
        public array $faults,
        public ?Coupon $coupon,
        /** Why the coupon that was asked for takes nothing off. */
        public ?string $couponFinding,
    ) {}

    /** @param  string  $country  ISO 3166-1 alpha-2 */
    public static function of(Shop $shop, Cart $cart, string $country): self
    {
        $coupon = $cart->coupon_code === null ? null : $shop->coupons()->where('code', $cart->coupon_code)->first();
        $counts = $coupon !== null && ! $coupon->isUsedUp();
        $asked = new QuoteRequest(
            $shop->rules(),
            array_values($cart->lines->map(fn (CartLine $line) => $line->toCore())->all()),
            $country,
            Moment::ofSeconds((int) now()->getTimestamp()),
            $counts ? $coupon->toCore($shop->currency()) : null,
        );
        try {
            $receipt = Quote::of($asked);
        } catch (Unquotable $unquotable) {
            return new self($country, null, $unquotable->faults, $coupon, null);
        }
        $finding = match (true) {
            $cart->coupon_code === null => null,
            $coupon === null => "Coupon “{$cart->coupon_code}” is no longer to be had.",
            ! $counts => "Coupon “{$coupon->code}” has been used up.",
            default => Because::findings($receipt)[0] ?? null,
        };

        return new self($country, $receipt, [], $coupon, $finding);
    }

    /** What stands in the way at a key of the quote, such as `country`. */
    public function faultAt(string $key): ?string
    {
        foreach ($this->faults as $fault) {
            if ($fault->at === $key) {
                return $fault->message;
            }
        }

        return null;
    }
}
