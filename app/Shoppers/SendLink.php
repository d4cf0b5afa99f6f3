<?php

declare(strict_types=1);

namespace App\Shoppers;

use App\Carts\Caller;
use App\Database\InTransaction;
use App\Messages\Letter;
use App\Messages\ShopperLetters;
use App\Messages\WriteMessage;
use App\Models\MessageKind;
use App\Models\Order;
use App\Models\Shop;
use App\Models\ShopperLink;
use App\Text\Secrets;
use App\Time\Clock;
use Closure;
use Illuminate\Cache\RateLimiter;

/** Sends a link that signs a shopper in, or opens one order. Whoever asks is never told whether there was anybody to send it to. */
final readonly class SendLink
{
    private const MINUTES = 30;

    private const PER_PERSON = 3;

    private const PER_ADDRESS = 20;

    private const LIMIT_SECONDS = 1800;

    public function __construct(
        private WriteMessage $write,
        private RateLimiter $limiter,
        private InTransaction $inTransaction,
        private Clock $clock,
        private string $key,
    ) {}

    /**
     * To whoever has ordered in this shop before, at the address that the order holds.
     *
     * @param  string  $emailKey  the address that was typed, as it is compared
     */
    public function toSignIn(Shop $shop, string $emailKey, Caller $caller): void
    {
        $last = Order::query()->where(['shop_id' => $shop->id, 'email_key' => $emailKey])->latest('id')->first();
        if ($this->mayAsk($shop, $emailKey, $caller) && $last !== null) {
            $this->send($shop, $last, null, MessageKind::SignInLink, static fn (ShopperLetters $letters, string $link): Letter => $letters->signIn($link));
        }
    }

    public function toOpen(Order $order, Caller $caller): void
    {
        if ($this->mayAsk($order->shop, $order->email_key, $caller)) {
            $this->send($order->shop, $order, $order->id, MessageKind::OrderLink, static fn (ShopperLetters $letters, string $link): Letter => $letters->opening($order, $link));
        }
    }

    /** @param  Closure(ShopperLetters, string): Letter  $letter */
    private function send(Shop $shop, Order $order, ?int $orderId, MessageKind $kind, Closure $letter): void
    {
        $token = Secrets::token();
        ($this->inTransaction)(function () use ($shop, $order, $orderId, $kind, $letter, $token): void {
            ShopperLink::query()->create(['shop_id' => $shop->id, 'email_key' => $order->email_key, 'token' => hash('sha256', $token), 'order_id' => $orderId, 'expires_at' => $this->clock->now()->addMinutes(self::MINUTES)]);
            $this->write->link($shop, $kind, $order->email, $letter(ShopperLetters::of($shop, $shop->wording()), "{$shop->base()}/link/{$token}"));
        });
    }

    /** Mail is not to be used to pester somebody, nor to find out who shops here. */
    private function mayAsk(Shop $shop, string $emailKey, Caller $caller): bool
    {
        $person = 'link-to-'.hash_hmac('sha256', "{$shop->id}|{$emailKey}", $this->key);
        $address = "link-from-{$caller->address}";
        if ($this->limiter->tooManyAttempts($person, self::PER_PERSON) || $this->limiter->tooManyAttempts($address, self::PER_ADDRESS)) {
            return false;
        }
        $this->limiter->hit($person, self::LIMIT_SECONDS);
        $this->limiter->hit($address, self::LIMIT_SECONDS);

        return true;
    }
}
