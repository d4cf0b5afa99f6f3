<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Time\Clock;

/** Notes that a shopper came back to a cart: it is in use, however long ago it was begun. */
final readonly class TouchCart
{
    /** The click itself leads to the cart; whoever is there later has come back, or stayed. */
    private const FIRST_AFTER_MINUTES = 10;

    /** A page that is opened again and again is noted no more often. */
    private const AGAIN_AFTER_MINUTES = 60;

    public function __construct(private Clock $clock) {}

    public function __invoke(Cart $cart): void
    {
        $now = $this->clock->now();
        $since = $cart->second_step_at ?? $cart->created_at->subMinutes(self::AGAIN_AFTER_MINUTES - self::FIRST_AFTER_MINUTES);
        if ($since->lessThanOrEqualTo($now->subMinutes(self::AGAIN_AFTER_MINUTES))) {
            $cart->update(['second_step_at' => $now]);
        }
    }
}
