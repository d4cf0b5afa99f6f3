<?php

declare(strict_types=1);

namespace App\Carts;

use Illuminate\Cache\RateLimiter;

/** How many carts may be begun from one address within a minute. */
final readonly class NewCartLimit
{
    private const SECONDS = 60;

    public function __construct(
        private RateLimiter $limiter,
        private int $perMinute,
    ) {}

    /** @throws TooManyCarts */
    public function check(Caller $caller): void
    {
        if ($this->limiter->tooManyAttempts(self::key($caller), $this->perMinute)) {
            throw TooManyCarts::fromOneAddress();
        }
    }

    /** Counts a cart that was begun, once it stands: a transaction that is done again counts once. */
    public function count(Caller $caller): void
    {
        $this->limiter->hit(self::key($caller), self::SECONDS);
    }

    private static function key(Caller $caller): string
    {
        return "new-carts-{$caller->address}";
    }
}
