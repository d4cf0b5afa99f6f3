<?php

declare(strict_types=1);

namespace App\Shops;

use App\Models\Shop;
use Illuminate\Cache\RateLimiter;

/** How often a shop may take new addresses: each that it leaves is lost to everybody else for good. */
final readonly class RenameLimit
{
    private const SECONDS = 86_400;

    public function __construct(
        private RateLimiter $limiter,
        private int $perDay,
    ) {}

    /** @throws InvalidShopName */
    public function check(Shop $shop): void
    {
        if ($this->limiter->tooManyAttempts(self::key($shop), $this->perDay)) {
            throw InvalidShopName::tooOften($this->perDay);
        }
    }

    public function count(Shop $shop): void
    {
        $this->limiter->hit(self::key($shop), self::SECONDS);
    }

    private static function key(Shop $shop): string
    {
        return "rename-{$shop->id}";
    }
}
