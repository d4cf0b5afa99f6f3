<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Refund;
use App\Models\RefundLine;

/** What was given back, as the lines of a letter: goods and shipping, what was off their price, and the tax in it. */
final class RefundRows
{
    /**
     * @param  Order  $order  with its lines
     * @param  Refund  $refund  with its lines
     * @return list<string>
     */
    public static function of(Order $order, Refund $refund): array
    {
        $rows = array_values($refund->lines->map(static fn (RefundLine $line): string => self::row($order, $line))->all());
        $discount = $order->money(array_sum($refund->lines->map(static fn (RefundLine $line): int => $line->discount_minor)->all()));
        $tax = $order->money($refund->tax_minor);

        return [
            ...$rows,
            ...($discount->isZero() ? [] : ["  Discount: −{$discount->shown()}"]),
            ...($tax->isZero() || $order->tax_is_contained ? [] : ["  Tax: {$tax->shown()}"]),
            "  Given back: {$order->money($refund->amount_minor)->shown()}",
            ...($tax->isZero() || ! $order->tax_is_contained ? [] : ["  Tax in it: {$tax->shown()}"]),
        ];
    }

    private static function row(Order $order, RefundLine $line): string
    {
        $subtotal = $line->share($order)->portion->subtotal->shown();
        $sold = $order->lines->first(static fn (OrderLine $one): bool => $one->id === $line->order_line_id);
        $name = $sold === null ? 'Shipping' : $sold->name.($sold->choices === '' ? '' : " ({$sold->choices})");

        return match (true) {
            $sold === null => "  {$name}: {$subtotal}",
            $line->pieces === 0 => "  Of {$name}: {$subtotal}",
            default => "  {$line->pieces} × {$name}: {$subtotal}",
        };
    }
}
