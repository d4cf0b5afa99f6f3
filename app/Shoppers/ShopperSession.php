<?php

declare(strict_types=1);

namespace App\Shoppers;

use App\Carts\CartOwner;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Database\ConnectionInterface;

/** Which shopper a browser is signed in as, in one shop. */
final readonly class ShopperSession
{
    private const DAYS = 30;

    public function __construct(
        private ConnectionInterface $db,
        private Clock $clock,
    ) {}

    public function begin(Shop $shop, CartOwner $owner, string $email): void
    {
        $this->db->table('shopper_sessions')->upsert(
            ['shop_id' => $shop->id, 'visitor' => $owner->digest, 'email' => $email, 'expires_at' => $this->clock->now()->addDays(self::DAYS)],
            ['shop_id', 'visitor'],
            ['email', 'expires_at'],
        );
    }

    public function end(Shop $shop, CartOwner $owner): void
    {
        $this->db->table('shopper_sessions')->where(['shop_id' => $shop->id, 'visitor' => $owner->digest])->delete();
    }

    public function email(Shop $shop, CartOwner $owner): ?string
    {
        $email = $owner->isNew ? null : $this->db->table('shopper_sessions')->where(['shop_id' => $shop->id, 'visitor' => $owner->digest])->where('expires_at', '>', $this->clock->now())->value('email');

        return is_string($email) ? $email : null;
    }
}
