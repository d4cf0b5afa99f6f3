<?php

declare(strict_types=1);

namespace App\Shoppers;

use App\Carts\Caller;
use App\Models\Product;
use App\Models\Shop;
use App\Models\StockWish;
use App\Time\Clock;
use Illuminate\Cache\RateLimiter;
use PaperKite\Text\EmailAddress;

/** Notes that somebody wants to be told when something is back, and that they no longer want it. */
final readonly class WishForStock
{
    private const PER_ADDRESS = 20;

    private const LIMIT_SECONDS = 1800;

    public function __construct(
        private RateLimiter $limiter,
        private Clock $clock,
        private string $key,
    ) {}

    /**
     * Whoever asks is never told whether the address was there already.
     *
     *
     * @param  string  $consent  what they read beside the button
     * @return bool whether it is noted; not, where too many were asked for from one place
     */
    public function ask(Shop $shop, Product $product, EmailAddress $address, string $consent, Caller $caller): bool
    {
        if ($this->limiter->tooManyAttempts("wish-{$caller->address}", self::PER_ADDRESS)) {
            return false;
        }
        $this->limiter->hit("wish-{$caller->address}", self::LIMIT_SECONDS);
        $now = $this->clock->now();
        StockWish::query()->insertOrIgnore([
            'shop_id' => $shop->id, 'product_id' => $product->id, 'email' => $address->text, 'email_key' => $address->key,
            'token' => hash('sha256', $this->secret($product->id, $address->key, $now->getTimestamp())), 'consent' => mb_substr($consent, 0, 300), 'asked_at' => $now,
        ]);

        return true;
    }

    /** @return string what the mail's link ends with: nothing of it is kept, and only this installation can make it */
    public function secretOf(StockWish $wish): string
    {
        return $this->secret($wish->product_id, $wish->email_key, $wish->asked_at->getTimestamp());
    }

    public function find(Shop $shop, string $secret): ?StockWish
    {
        return StockWish::query()->where(['shop_id' => $shop->id, 'token' => hash('sha256', $secret)])->first();
    }

    public function end(StockWish $wish): void
    {
        StockWish::query()->whereKey($wish->id)->whereNull('ended_at')->update(['ended_at' => $this->clock->now()]);
    }

    private function secret(int $product, string $emailKey, int $asked): string
    {
        return substr(hash_hmac('sha256', "stock wish {$product} {$asked} {$emailKey}", $this->key), 0, 40);
    }
}
