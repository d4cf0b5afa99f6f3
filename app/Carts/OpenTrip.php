<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Models\CheckoutState;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Builder;

/** Whether somebody is on the way from a click to an order: has a cart with goods, or a checkout, of the last day. */
final readonly class OpenTrip
{
    public function __construct(
        private ConnectionInterface $db,
        private Clock $clock,
    ) {}

    public function __invoke(Shop $shop, CartOwner $owner): bool
    {
        if ($owner->isNew) {
            return false;
        }
        $since = $this->clock->now()->subDay();
        // What was just paid is on its way to the thank-you page, whose address the shopper has from the shop.
        $paid = $this->db->table('checkouts')->whereColumn('checkouts.cart_id', 'carts.id')->where('created_at', '>', $since)->where('state', '<>', CheckoutState::Ordered->value);

        return Cart::query()->where(['shop_id' => $shop->id, 'visitor' => $owner->digest])
            ->where(fn (Builder $recent) => $recent->where('created_at', '>', $since)->orWhere('last_added_at', '>', $since))
            ->where(fn (Builder $open) => $open->has('lines')->orWhereExists($paid))
            ->exists();
    }
}
