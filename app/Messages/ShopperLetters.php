<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Download;
use App\Models\GiftCard;
use App\Models\MessageKind;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\OrderStep;
use App\Models\Refund;
use App\Models\Shop;
use Illuminate\Support\Facades\View;
use PaperKite\Words\Wording;

/** What a shop writes to its shoppers, in its own words where it has any. Nothing is sent here. */
final readonly class ShopperLetters
{
    private function __construct(
        private Shop $shop,
        private Wording $say,
    ) {}

    public static function of(Shop $shop, Wording $say): self
    {
        return new self($shop, $say);
    }

    /** @param  Order  $order  with its lines, their products and variants */
    public function confirmation(Order $order): Letter
    {
        return $this->letter('confirmation', $order, []);
    }

    /** @param  Order  $order  with its lines */
    public function sent(Order $order, OrderStep $step): Letter
    {
        return $this->letter('sent', $order, ['step' => $step]);
    }

    /** @param  Order  $order  with its lines */
    public function cancelled(Order $order): Letter
    {
        return $this->letter('cancelled', $order, ['isTaken' => $order->captured_at !== null]);
    }

    /**
     * @param  Order  $order  with its lines
     * @param  Refund  $refund  with its lines
     */
    public function refunded(Order $order, Refund $refund): Letter
    {
        return $this->letter('refunded', $order, ['refund' => $refund, 'rows' => RefundRows::of($order, $refund, $this->say)], $order->money($refund->amount_minor)->shown());
    }

    public function moved(Order $order, OrderLine $line, string $when): Letter
    {
        return $this->letter('moved', $order, ['line' => $line, 'when' => $when], name: $line->name);
    }

    /** @param  Download  $download  with its line, and its files in their versions */
    public function download(Order $order, Download $download, MessageKind $kind): Letter
    {
        return $this->letter($kind === MessageKind::NewVersion ? 'new_version' : 'downloads', $order, ['download' => $download], name: $download->line->name);
    }

    public function giftCard(Order $order, GiftCard $card): Letter
    {
        return $this->letter('gift_card', $order, ['card' => $card, 'mark' => FillInCard::MARK], $card->money($card->balance_minor)->shown());
    }

    /** A link that signs a shopper in. */
    public function signIn(string $link): Letter
    {
        return $this->link($this->say->say('mail.sign_in.subject', shop: $this->shop->name), $link);
    }

    /** A link that opens all of an order. */
    public function opening(Order $order, string $link): Letter
    {
        return $this->link($this->say->say('mail.order_link.subject', number: (string) $order->number, shop: $this->shop->name), $link);
    }

    /**
     * That something is there again.
     *
     * @param  string  $link  to its page
     * @param  string  $end  to the page that ends the asking
     */
    public function back(string $name, string $link, string $end): Letter
    {
        return new Letter($this->say->say('mail.back.subject', name: $name, shop: $this->shop->name), View::make('mail.back', ['shop' => $this->shop, 'say' => $this->say, 'name' => $name, 'link' => $link, 'end' => $end])->render());
    }

    private function link(string $subject, string $link): Letter
    {
        return new Letter($subject, View::make('mail.link', ['shop' => $this->shop, 'say' => $this->say, 'subject' => $subject, 'link' => $link])->render());
    }

    /** @param  array<string, mixed>  $facts */
    private function letter(string $kind, Order $order, array $facts, string $amount = '', string $name = ''): Letter
    {
        $subject = $this->say->say("mail.{$kind}.subject", number: (string) $order->number, shop: $this->shop->name, amount: $amount, name: $name);

        return new Letter($subject, View::make("mail.{$kind}", $facts + ['order' => $order, 'shop' => $this->shop, 'say' => $this->say, 'link' => "{$this->shop->base()}/thanks/{$order->token}"])->render());
    }
}
