<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Refund;
use App\Models\RefundLine;
use PaperKite\Words\Wording;

/** What was given back, as the lines of a letter: goods and shipping, what was off their price, and the tax in it. */
final class RefundRows
{
    /**
     * @param  Order  $order  with its lines
     * @param  Refund  $refund  with its lines
     * @return list<string>
     */
    public static function of(Order $order, Refund $refund, Wording $say): array
    {
        $rows = array_values($refund->lines->map(static fn (RefundLine $line): string => self::row($order, $line, $say))->all());
        $discount = $order->money(array_sum($refund->lines->map(static fn (RefundLine $line): int => $line->discount_minor)->all()));
        $tax = $order->money($refund->tax_minor);

        return [
            ...$rows,
            ...($discount->isZero() ? [] : ['  '.$say->say('mail.refunded.discount', amount: $discount)]),
            ...($tax->isZero() || $order->tax_is_contained ? [] : ['  '.$say->say('mail.row', label: $say->say('bill.tax'), amount: $tax)]),
            '  '.$say->say('mail.refunded.given', amount: $order->money($refund->amount_minor)),
            ...($tax->isZero() || ! $order->tax_is_contained ? [] : ['  '.$say->say('mail.row', label: $say->say('bill.tax_contained'), amount: $tax)]),
        ];
    }

    private static function row(Order $order, RefundLine $line, Wording $say): string
    {
        $subtotal = $line->share($order)->portion->subtotal;
        $sold = $order->lines->first(static fn (OrderLine $one): bool => $one->id === $line->order_line_id);
        $name = $sold === null ? $say->say('bill.shipping') : $sold->name.($sold->choices === '' ? '' : " ({$sold->choices})");

        return match (true) {
            $sold === null => '  '.$say->say('mail.row', label: $name, amount: $subtotal),
            $line->pieces === 0 => '  '.$say->say('mail.refunded.part', name: $name, amount: $subtotal),
            default => '  '.$say->say('mail.line', count: $line->pieces, name: $name, amount: $subtotal),
        };
    }
}
