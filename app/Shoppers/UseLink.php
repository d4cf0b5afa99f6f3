<?php

declare(strict_types=1);

namespace App\Shoppers;

use App\Carts\Visitor;
use App\Models\Order;
use App\Models\Shop;
use App\Models\ShopperLink;
use App\Secrets;
use Illuminate\Support\Facades\DB;

/** Does what a mailed link is for, once. */
final readonly class UseLink
{
    private const ORDER_OPEN_HOURS = 24;

    /** @return string|null the path that the shopper goes on to; `null` where the link is used up, too old, or none */
    public function __invoke(Shop $shop, Visitor $visitor, string $token): ?string
    {
        return DB::transaction(function () use ($shop, $visitor, $token): ?string {
            $link = self::usable($shop, $token)?->newQuery()->where('token', hash('sha256', $token))->lockForUpdate()->first();
            if ($link === null || $link->used_at !== null) {
                return null;
            }
            $link->update(['used_at' => now()]);
            if ($link->order_id === null) {
                ShopperSession::begin($shop, $visitor, $link->email);

                return '/account';
            }
            // A new token: whoever holds the old one is not let in by a link that was sent to somebody else.
            $order = Order::query()->whereKey($link->order_id)->firstOrFail();
            $order->update(['token' => Secrets::token(), 'opened_until' => now()->addHours(self::ORDER_OPEN_HOURS)]);

            return "/thanks/{$order->token}";
        });
    }

    public static function usable(Shop $shop, string $token): ?ShopperLink
    {
        return ShopperLink::query()->where(['shop_id' => $shop->id, 'token' => hash('sha256', $token)])->whereNull('used_at')->where('expires_at', '>', now())->first();
    }
}
