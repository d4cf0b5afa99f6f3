<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Carts\BegunCart;

/** A cart after a click, and whether the click put anything into it: the second half of a double click does not. */
final readonly class Filled
{
    public function __construct(
        public BegunCart $cart,
        public bool $isFilledNow,
    ) {}
}
