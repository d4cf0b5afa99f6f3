<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Models\Cart;

/** A cart after a click, and whether the click put anything into it: the second half of a double click does not. */
final readonly class Filled
{
    public function __construct(
        public Cart $cart,
        public bool $isFilledNow,
    ) {}
}
