<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;

/** Where a shopper goes who has come from the cart of a widget. */
final readonly class TakenOver
{
    public function __construct(
        public Cart $cart,
        public bool $toPay,
    ) {}
}
