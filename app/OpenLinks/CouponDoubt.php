<?php

declare(strict_types=1);

namespace App\OpenLinks;

use App\Models\Shop;
use App\Time\Clock;

/** What stands in the way of the coupon that a link names. The link can be followed all the same: the cart says why. */
final readonly class CouponDoubt
{
    public function __construct(private Clock $clock) {}

    /** @return string a sentence; blank where nothing does */
    public function __invoke(Shop $shop, ?string $code): string
    {
        if ($code === null) {
            return '';
        }
        $now = $this->clock->now();
        $coupon = $shop->coupons()->where('code', $code)->first();

        return match (true) {
            $coupon === null => "The shop has no coupon “{$code}”; make it under Shop, or take it out.",
            $coupon->counts_until !== null && $coupon->counts_until->lessThanOrEqualTo($now) => "The coupon “{$code}” is over; give it a later end under Shop, or take it out.",
            $coupon->isUsedUp() => "The coupon “{$code}” is used up; allow more uses under Shop, or take it out.",
            $coupon->counts_from?->greaterThan($now) === true => "The coupon “{$code}” doesn’t count yet; whoever follows the link today pays the full price.",
            default => '',
        };
    }
}
