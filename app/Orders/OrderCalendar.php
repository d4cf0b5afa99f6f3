<?php

declare(strict_types=1);

namespace App\Orders;

use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Shop;
use PaperKite\Calendar\CalendarEvent;
use PaperKite\Order\GoodsState;

/** What of an order takes place, as a calendar keeps it. */
final class OrderCalendar
{
    /**
     * @param  Order  $order  with its lines, their products and variants
     * @return list<CalendarEvent>
     */
    public static function of(Order $order, Shop $shop): array
    {
        $events = [];
        foreach ($order->lines as $line) {
            $event = $line->event();
            if ($event !== null) {
                $events[] = new CalendarEvent(
                    uid: "order-line-{$line->id}@{$shop->host}",
                    sequence: $line->product->eventSequence($line->variant),
                    begins: $event->begins,
                    ends: $event->ends,
                    summary: $line->name.($line->choices === '' ? '' : " ({$line->choices})"),
                    place: $event->place,
                    description: self::description($order, $line, $shop),
                    isCancelled: $order->goods_state === GoodsState::Cancelled,
                );
            }
        }

        return $events;
    }

    private static function description(Order $order, OrderLine $line, Shop $shop): string
    {
        $seats = $line->quantity === 1 ? '1 seat' : "{$line->quantity} seats";

        return "{$seats}, order {$order->number} at {$shop->name}".($line->attendees === null || $line->attendees === [] ? '' : "\n".implode(', ', $line->attendees));
    }
}
