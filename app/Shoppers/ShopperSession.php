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

    public function begin(Shop $shop, CartOwner $owner, string $emailKey): void
    {
        $this->db->table('shopper_sessions')->upsert(
            ['shop_id' => $shop->id, 'visitor' => $owner->digest, 'email_key' => $emailKey, 'expires_at' => $this->clock->now()->addDays(self::DAYS)],
            ['shop_id', 'visitor'],
            ['email_key', 'expires_at'],
        );
    }

    public function end(Shop $shop, CartOwner $owner): void
    {
        $this->db->table('shopper_sessions')->where(['shop_id' => $shop->id, 'visitor' => $owner->digest])->delete();
    }

    /** @return string|null the address as it is compared; `null` where nobody is signed in */
    public function emailKey(Shop $shop, CartOwner $owner): ?string
    {
        $key = $owner->isNew ? null : $this->db->table('shopper_sessions')->where(['shop_id' => $shop->id, 'visitor' => $owner->digest])->where('expires_at', '>', $this->clock->now())->value('email_key');

        return is_string($key) ? $key : null;
    }
}
