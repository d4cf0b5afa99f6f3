<?php

declare(strict_types=1);

namespace App\Carts;

use Illuminate\Cache\RateLimiter;
use Illuminate\Http\Request;

final readonly class NewCartLimit
{
    public function __construct(
        private RateLimiter $limiter,
        private string $key,
        private int $perMinute,
    ) {}

    /** @throws TooManyCarts */
    public function count(Request $request): void
    {
        $address = 'new-carts-'.hash_hmac('sha256', (string) $request->ip(), $this->key);
        if ($this->limiter->tooManyAttempts($address, $this->perMinute)) {
            throw TooManyCarts::fromOneAddress();
        }
        $this->limiter->hit($address, 60);
    }
}
