<?php

declare(strict_types=1);

namespace App\Shoppers;

use App\Carts\Visitor;
use App\Models\Shop;
use Illuminate\Support\Facades\DB;

/** Which shopper a browser is signed in as, in one shop. */
final class ShopperSession
{
    private const DAYS = 30;

    public static function begin(Shop $shop, Visitor $visitor, string $email): void
    {
        DB::table('shopper_sessions')->upsert(
            ['shop_id' => $shop->id, 'visitor' => $visitor->digest(), 'email' => $email, 'expires_at' => now()->addDays(self::DAYS)],
            ['shop_id', 'visitor'],
            ['email', 'expires_at'],
        );
    }

    public static function end(Shop $shop, Visitor $visitor): void
    {
        DB::table('shopper_sessions')->where(['shop_id' => $shop->id, 'visitor' => $visitor->digest()])->delete();
    }

    public static function email(Shop $shop, Visitor $visitor): ?string
    {
        $email = $visitor->isNew ? null : DB::table('shopper_sessions')->where(['shop_id' => $shop->id, 'visitor' => $visitor->digest()])->where('expires_at', '>', now())->value('email');

        return is_string($email) ? $email : null;
    }
}
