<?php

declare(strict_types=1);

namespace App\Orders;

use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Payment;
use App\Models\Shop;
use Generator;
use Illuminate\Database\Eloquent\Builder;
use PaperKite\Sheet\Cell;

/** Orders as the rows of a sheet, a row for each line of an order, however many there are. */
final readonly class OrderSheet
{
    public const HEAD = [
        'order', 'placed', 'state', 'money', 'name', 'company', 'street', 'postcode', 'town', 'country', 'email', 'phone',
        'sku', 'goods', 'choices', 'attendees', 'quantity', 'unit', 'subtotal', 'discount', 'tax', 'order_shipping', 'order_total', 'order_refunded', 'currency', 'comment',
    ];

    private const AT_ONCE = 500;

    /**
     * @param  Builder<Order>  $orders  of the shop
     * @return Generator<int, list<string>> its head, then the latest order first
     */
    public function rows(Shop $shop, Builder $orders): Generator
    {
        yield self::HEAD;
        foreach ($orders->with(['lines', 'payments'])->lazyByIdDesc(self::AT_ONCE) as $order) {
            foreach ($order->lines as $line) {
                yield $this->row($shop, $order, $line);
            }
        }
    }

    private function refunded(Order $order): int
    {
        return array_sum($order->payments->map(static fn (Payment $payment): int => $payment->refunded_minor)->all());
    }

    /** @return list<string> */
    private function row(Shop $shop, Order $order, OrderLine $line): array
    {
        $amount = static fn (int $minor): string => $order->money($minor)->decimal();
        $shopper = [$order->name, $order->company, $order->street, $order->postcode, $order->town, $order->country, $order->email, $order->phone];

        return [
            (string) $order->number, $order->placed_at->setTimezone($shop->zone())->format('Y-m-d H:i'), $order->goods_state->value, $order->money_state->value,
            ...array_map(Cell::text(...), [...$shopper, $line->sku, $line->name, $line->choices, implode('; ', $line->attendees ?? [])]),
            (string) $line->quantity, ...array_map($amount, [$line->unit_minor, $line->subtotal_minor, $line->discount_minor, $line->tax_minor, $order->shipping_minor, $order->total_minor, $this->refunded($order)]),
            $order->currency, Cell::text($order->comment),
        ];
    }
}
