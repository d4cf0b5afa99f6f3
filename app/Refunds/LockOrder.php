<?php

declare(strict_types=1);

namespace App\Refunds;

use App\Models\Order;
use App\Models\Payment;
use App\Models\Refund;

/** Has an order and its money to oneself until the transaction ends: its payments first, as everywhere, then the order. */
final class LockOrder
{
    public static function of(Order $order): Order
    {
        $payments = Payment::query()->where('checkout_id', $order->checkout_id)->orderBy('id')->lockForUpdate()->get();
        $locked = Order::query()->whereKey($order->id)->lockForUpdate()->firstOrFail();

        return $locked->setRelation('payments', $payments)->load(['lines.giftCard', 'shop', 'cardMovements'])
            ->setRelation('refunds', Refund::query()->where('order_id', $order->id)->with('lines')->orderBy('id')->get());
    }
}
