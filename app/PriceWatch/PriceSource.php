<?php

declare(strict_types=1);

namespace App\PriceWatch;

use PaperKite\Partner\Item;
use PaperKite\Partner\Marketplace;

/** Where the present price of a partner's item is learnt. */
interface PriceSource
{
    public function look(Marketplace $marketplace, Item $item): Looked;
}
