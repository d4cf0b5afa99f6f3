<?php

declare(strict_types=1);

namespace App\Finding\Said;

use App\Finding\Kind;
use App\Finding\Said;
use App\Finding\SaidOf;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Shop;

/** By number, shopper, state and goods, as they were called when they were paid. */
final readonly class SaidOfOrders implements SaidOf
{
    public function kind(): Kind
    {
        return Kind::Order;
    }

    public function of(Shop $shop, array $ids): array
    {
        $said = [];
        foreach (Order::query()->where('shop_id', $shop->id)->whereKey($ids)->with('lines')->get() as $order) {
            $goods = $order->lines->map(static fn (OrderLine $line): string => "{$line->name} {$line->choices} {$line->sku}")->all();
            $said[$order->id] = new Said(
                "{$order->number}, {$order->shopper()}",
                "{$order->goods_state->label()} · {$order->money_state->label()}",
                implode(' ', [$order->company, $order->email, $order->coupon_code, ...$goods]),
                (string) $order->number,
            );
        }

        return $said;
    }
}
