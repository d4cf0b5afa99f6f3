<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Models\Shop;
use App\Text\Secrets;
use App\Time\Clock;
use Illuminate\Database\ConnectionInterface;

/** Makes the address by which a shopper comes from the cart of a widget to one of the shop: it works once, and for two minutes. */
final readonly class LeadOver
{
    public const PATH = '/hand-over/';

    private const SECONDS = 120;

    private const LONGEST_HOST = 253;

    public function __construct(
        private ConnectionInterface $db,
        private Clock $clock,
    ) {}

    /** @param  string  $host  of the page; blank where nobody knows */
    public function __invoke(Shop $shop, Cart $cart, bool $isAlone, bool $toPay, string $host): string
    {
        $ticket = Secrets::token();
        $this->db->table('hand_overs')->insert([
            'digest' => TakeOver::digest($ticket),
            'shop_id' => $shop->id,
            'cart_id' => $cart->id,
            'is_alone' => $isAlone,
            'onwards' => $toPay ? 'pay' : 'cart',
            'host' => mb_substr($host, 0, self::LONGEST_HOST),
            'expires_at' => $this->clock->now()->addSeconds(self::SECONDS),
        ]);

        return $shop->base().self::PATH.$ticket;
    }
}
