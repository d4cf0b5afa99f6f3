<?php

declare(strict_types=1);

namespace App\Orders;

use App\Models\Order;
use App\Models\Shop;
use Illuminate\Database\Eloquent\Builder;
use PaperKite\Order\GoodsState;
use PaperKite\Order\MoneyState;

/** The orders of a shop that a seller asks for. */
final class FilterOrders
{
    /**
     * @return Builder<Order>
     */
    public static function of(Shop $shop, ?GoodsState $state, ?MoneyState $money): Builder
    {
        return Order::query()->where('shop_id', $shop->id)
            ->when($state !== null, static fn (Builder $query) => $query->where('goods_state', $state))
            ->when($money !== null, static fn (Builder $query) => $query->where('money_state', $money));
    }
}
