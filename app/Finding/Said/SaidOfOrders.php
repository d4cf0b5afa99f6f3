<?php

declare(strict_types=1);

namespace App\Finding\Said;

use App\Finding\Kind;
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

    public function texts(Shop $shop, array $ids): array
    {
        $texts = [];
        foreach (Order::query()->where('shop_id', $shop->id)->whereKey($ids)->with('lines')->get() as $order) {
            $texts[$order->id] = implode(' ', [
                (string) $order->number,
                $order->name,
                $order->company,
                $order->email,
                $order->goods_state->label(),
                $order->money_state->label(),
                (string) $order->coupon_code,
                ...$order->lines->map(static fn (OrderLine $line): string => "{$line->name} {$line->choices} {$line->sku}")->all(),
            ]);
        }

        return $texts;
    }
}
