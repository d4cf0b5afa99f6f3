<?php

declare(strict_types=1);

namespace App\Shoppers;

use App\Carts\CartOwner;
use App\Carts\HandOver;
use App\Database\InTransaction;
use App\Models\Order;
use App\Models\Shop;
use App\Models\ShopperLink;
use App\Text\Secrets;
use App\Time\Clock;

/** Does what a mailed link is for, once. */
final readonly class UseLink
{
    private const ORDER_OPEN_HOURS = 24;

    public function __construct(
        private ShopperSession $session,
        private HandOver $handOver,
        private InTransaction $inTransaction,
        private Clock $clock,
    ) {}

    /**
     * @param  CartOwner  $known  whom the browser was known as
     * @param  CartOwner  $signedIn  whom it is known as from now on
     * @return string|null the path that the shopper goes on to; `null` where the link is used up, too old, or none
     */
    public function __invoke(Shop $shop, CartOwner $known, CartOwner $signedIn, string $token): ?string
    {
        return ($this->inTransaction)(function () use ($shop, $known, $signedIn, $token): ?string {
            $link = $this->usable($shop, $token)?->newQuery()->where('token', hash('sha256', $token))->lockForUpdate()->first();
            if ($link === null || $link->used_at !== null) {
                return null;
            }
            $link->update(['used_at' => $this->clock->now()]);
            ($this->handOver)($shop, $known, $signedIn);
            if ($link->order_id === null) {
                $this->session->begin($shop, $signedIn, $link->email_key);

                return '/account';
            }
            // A new token: whoever holds the old one is not let in by a link that was sent to somebody else.
            $order = Order::query()->whereKey($link->order_id)->firstOrFail();
            $order->update(['token' => Secrets::token(), 'opened_until' => $this->clock->now()->addHours(self::ORDER_OPEN_HOURS)]);

            return "/thanks/{$order->token}";
        });
    }

    public function usable(Shop $shop, string $token): ?ShopperLink
    {
        return ShopperLink::query()->where(['shop_id' => $shop->id, 'token' => hash('sha256', $token)])->whereNull('used_at')->where('expires_at', '>', $this->clock->now())->first();
    }
}
