<?php

declare(strict_types=1);

namespace App\Checkout;

use App\Models\Coupon;
use App\Payments\GoodsGone;
use Illuminate\Support\Facades\DB;

/** Counts how often a coupon was used, in all and by one e-mail address. */
final class CouponUse
{
    public static function isSpentFor(Coupon $coupon, string $email): bool
    {
        return $coupon->most_uses_each !== null
            && DB::table('coupon_uses')->where(['coupon_id' => $coupon->id, 'shopper' => self::shopper($email)])->count() >= $coupon->most_uses_each;
    }

    /**
     * Runs inside the transaction that writes the order.
     *
     * @throws GoodsGone when it was used up while the shopper paid
     */
    public static function count(int $couponId, int $orderId, string $email): void
    {
        // The row stays locked until the order is written, so that uses are counted one after the other.
        $coupon = Coupon::query()->whereKey($couponId)->lockForUpdate()->first();
        if ($coupon === null || $coupon->isUsedUp() || self::isSpentFor($coupon, $email)) {
            throw GoodsGone::coupon($couponId);
        }
        $coupon->update(['uses' => $coupon->uses + 1]);
        DB::table('coupon_uses')->insert(['coupon_id' => $couponId, 'order_id' => $orderId, 'shopper' => self::shopper($email)]);
    }

    private static function shopper(string $email): string
    {
        return hash('sha256', mb_strtolower($email));
    }
}
