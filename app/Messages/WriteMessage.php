<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\OrderStep;
use App\Models\Refund;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Support\Facades\View;

/** Writes a message down and has it sent. Within a transaction both happen, or neither. */
final readonly class WriteMessage
{
    public function __construct(private Clock $clock) {}

    /** To the shopper: what was ordered; to each of the shop’s people: that it was. */
    public function ofOrder(Order $order): void
    {
        $order->load(['lines.product', 'lines.variant', 'shop.people']);
        $facts = ['order' => $order, 'shop' => $order->shop, 'link' => "{$order->shop->base()}/thanks/{$order->token}"];
        $this->once($order, MessageKind::Confirmation, $order->email, "Your order {$order->number} at {$order->shop->name}", View::make('mail.confirmation', $facts)->render());
        foreach ($order->shop->people as $person) {
            $this->once($order, MessageKind::NewOrder, $person->email, "New order {$order->number}: {$order->money($order->total_minor)->shown()}", View::make('mail.new-order', $facts)->render());
        }
    }

    /**
     * To the shopper: that the goods are on their way.
     *
     * @param  Order  $order  with its lines and its shop
     */
    public function ofSending(Order $order, OrderStep $step): void
    {
        $facts = ['order' => $order, 'shop' => $order->shop, 'step' => $step, 'link' => "{$order->shop->base()}/thanks/{$order->token}"];
        $this->once($order, MessageKind::Sent, $order->email, "Your order {$order->number} at {$order->shop->name} is on its way", View::make('mail.sent', $facts)->render());
    }

    /**
     * To the shopper: that the order is off, and what becomes of the money.
     *
     * @param  Order  $order  with its lines and its shop
     */
    public function ofCancelling(Order $order): void
    {
        $facts = ['order' => $order, 'shop' => $order->shop, 'isTaken' => $order->captured_at !== null, 'link' => "{$order->shop->base()}/thanks/{$order->token}"];
        $this->once($order, MessageKind::Cancelled, $order->email, "Your order {$order->number} at {$order->shop->name} was cancelled", View::make('mail.cancelled', $facts)->render());
    }

    /**
     * To the shopper: that money was given back, and for what.
     *
     * @param  Order  $order  with its lines and its shop
     * @param  Refund  $refund  with its lines
     */
    public function ofRefund(Order $order, Refund $refund): void
    {
        $amount = $order->money($refund->amount_minor)->shown();
        $facts = ['order' => $order, 'shop' => $order->shop, 'refund' => $refund, 'rows' => RefundRows::of($order, $refund), 'link' => "{$order->shop->base()}/thanks/{$order->token}"];
        $this->once($order, MessageKind::Refunded, $order->email, "{$amount} of your order {$order->number} at {$order->shop->name} was given back", View::make('mail.refunded', $facts)->render(), $refund->id);
    }

    /**
     * To the shopper: that what they will come to takes place at another time, or elsewhere.
     *
     * @param  Order  $order  with its shop
     */
    public function ofMovedDate(Order $order, OrderLine $line, string $when): void
    {
        $facts = ['order' => $order, 'shop' => $order->shop, 'line' => $line, 'when' => $when, 'link' => "{$order->shop->base()}/thanks/{$order->token}"];
        $this->once($order, MessageKind::DateMoved, $order->email, "{$line->name}: a new date", View::make('mail.moved', $facts)->render(), $line->id * 10_000 + $line->event_sequence);
    }

    public function link(Shop $shop, MessageKind $kind, string $to, string $subject, string $link): void
    {
        $this->note($shop, $kind, $to, $subject, View::make('mail.link', ['shop' => $shop, 'link' => $link, 'subject' => $subject])->render());
    }

    public function note(Shop $shop, MessageKind $kind, string $to, string $subject, string $text): void
    {
        $this->send(Message::query()->create(['shop_id' => $shop->id, 'kind' => $kind, 'to' => $to, 'subject' => $subject, 'text' => $text, 'created_at' => $this->clock->now()]));
    }

    /** A button as a mail program will show it, sent to the seller who tries it. */
    public function trial(Shop $shop, string $to, string $subject, string $text, string $html): void
    {
        $this->send(Message::query()->create(['shop_id' => $shop->id, 'kind' => MessageKind::ButtonTrial, 'to' => $to, 'subject' => $subject, 'text' => $text, 'html' => $html, 'created_at' => $this->clock->now()]));
    }

    private function once(Order $order, MessageKind $kind, string $to, string $subject, string $text, int $aboutId = 0): void
    {
        $message = Message::query()->firstOrCreate(
            ['order_id' => $order->id, 'kind' => $kind, 'to' => $to, 'about_id' => $aboutId],
            ['shop_id' => $order->shop_id, 'subject' => $subject, 'text' => $text, 'created_at' => $this->clock->now()],
        );
        if ($message->wasRecentlyCreated) {
            $this->send($message);
        }
    }

    private function send(Message $message): void
    {
        SendMessage::dispatch($message->id);
    }
}
