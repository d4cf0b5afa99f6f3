<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Models\Order;
use App\Refunds\ReadBalance;
use PaperKite\Money\Money;

/** Where money of an order goes back to: to the provider first, and then onto the gift cards that paid. */
final class WhereItGoes
{
    /** @param  Order  $order  with what its balance is read of */
    public static function sentence(Order $order, Money $back): string
    {
        $provider = $order->money(min($back->minor, ReadBalance::leftAtProvider($order)));
        $cards = $back->minus($provider);

        return match (true) {
            $cards->isZero() => "{$back->shown()} goes back to {$order->shopper()}, where it was paid from.",
            $provider->isZero() => "{$back->shown()} goes back onto the gift cards that paid it.",
            default => "{$provider->shown()} goes back to {$order->shopper()}, where it was paid from, and {$cards->shown()} back onto the gift cards that paid the rest.",
        };
    }
}
