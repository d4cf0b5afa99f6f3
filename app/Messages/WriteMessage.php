<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Download;
use App\Models\GiftCard;
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
        $order->load(['lines.product', 'lines.variant', 'lines.download.files.file.versions', 'shop.people']);
        $letters = ShopperLetters::of($order->shop, $order->shop->wording());
        $this->letter($order, MessageKind::Confirmation, $letters->confirmation($order));
        foreach ($order->shop->people as $person) {
            $this->once($order, MessageKind::NewOrder, $person->email, "New order {$order->number}: {$order->money($order->total_minor)->shown()}", View::make('mail.new-order', ['order' => $order, 'shop' => $order->shop])->render());
        }
    }

    /**
     * To the shopper: that the goods are on their way.
     *
     * @param  Order  $order  with its lines and its shop
     */
    public function ofSending(Order $order, OrderStep $step): void
    {
        $this->letter($order, MessageKind::Sent, ShopperLetters::of($order->shop, $order->shop->wording())->sent($order, $step));
    }

    /**
     * To the shopper: that the order is off, and what becomes of the money.
     *
     * @param  Order  $order  with its lines and its shop
     */
    public function ofCancelling(Order $order): void
    {
        $this->letter($order, MessageKind::Cancelled, ShopperLetters::of($order->shop, $order->shop->wording())->cancelled($order));
    }

    /**
     * To the shopper: that money was given back, and for what.
     *
     * @param  Order  $order  with its lines and its shop
     * @param  Refund  $refund  with its lines
     */
    public function ofRefund(Order $order, Refund $refund): void
    {
        $this->letter($order, MessageKind::Refunded, ShopperLetters::of($order->shop, $order->shop->wording())->refunded($order, $refund), $refund->id);
    }

    /**
     * To the shopper: that what they will come to takes place at another time, or elsewhere.
     *
     * @param  Order  $order  with its shop
     */
    public function ofMovedDate(Order $order, OrderLine $line, string $when): void
    {
        $this->letter($order, MessageKind::DateMoved, ShopperLetters::of($order->shop, $order->shop->wording())->moved($order, $line, $when), $line->id * 10_000 + $line->event_sequence);
    }

    /**
     * To the shopper: a fresh link to files, or to a version of them that is new.
     *
     * @param  Order  $order  with its shop
     */
    public function ofDownload(Order $order, Download $download, MessageKind $kind): void
    {
        $this->letter($order, $kind, ShopperLetters::of($order->shop, $order->shop->wording())->download($order, $download->load(['line', 'files.file.versions']), $kind), $download->id * 10_000 + $download->turn);
    }

    /**
     * To whom a gift card is for, else to who bought it. Its code stands in no message that is kept: it is filled in as the mail is handed over.
     *
     * @param  Order  $order  with its shop
     */
    public function ofGiftCard(Order $order, GiftCard $card, int $showingId): void
    {
        $letter = ShopperLetters::of($order->shop, $order->shop->wording())->giftCard($order, $card);
        $this->once($order, MessageKind::GiftCard, $card->to_email === '' ? $order->email : $card->to_email, $letter->subject, $letter->text, $showingId);
    }

    private function letter(Order $order, MessageKind $kind, Letter $letter, int $aboutId = 0): void
    {
        $this->once($order, $kind, $order->email, $letter->subject, $letter->text, $aboutId);
    }

    public function link(Shop $shop, MessageKind $kind, string $to, Letter $letter): void
    {
        $this->note($shop, $kind, $to, $letter->subject, $letter->text);
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
