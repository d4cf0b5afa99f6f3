<?php

declare(strict_types=1);

namespace App\Orders;

use App\Fulfilment\GoodsGone;
use App\Models\Coupon;
use Illuminate\Database\ConnectionInterface;
use PaperKite\Text\EmailAddress;

/** Counts how often a coupon was used, in all and by one e-mail address. */
final readonly class CouponUse
{
    public function __construct(private ConnectionInterface $db) {}

    public function isSpentFor(Coupon $coupon, string $email): bool
    {
        return $coupon->most_uses_each !== null
            && $this->db->table('coupon_uses')->where(['coupon_id' => $coupon->id, 'shopper' => self::shopper($email)])->count() >= $coupon->most_uses_each;
    }

    /**
     * Runs inside the transaction that writes the order; the coupon stays locked until its end, so that uses are counted
     * one after the other.
     *
     * @throws GoodsGone when it was used up while the shopper paid
     */
    public function take(int $couponId, string $email): void
    {
        $coupon = Coupon::withDeleted()->whereKey($couponId)->lockForUpdate()->first();
        if ($coupon === null || $coupon->isUsedUp() || $this->isSpentFor($coupon, $email)) {
            throw GoodsGone::coupon($couponId);
        }
        $coupon->update(['uses' => $coupon->uses + 1]);
    }

    public function note(int $couponId, int $orderId, string $email): void
    {
        $this->db->table('coupon_uses')->insert(['coupon_id' => $couponId, 'order_id' => $orderId, 'shopper' => self::shopper($email)]);
    }

    private static function shopper(string $email): string
    {
        return hash('sha256', EmailAddress::keyOf($email));
    }
}
