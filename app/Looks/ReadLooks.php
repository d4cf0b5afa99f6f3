<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\Shop;

/** The looks of a shop, in one read. */
final readonly class ReadLooks
{
    public function __invoke(Shop $shop): LookBook
    {
        return LookBook::of($shop, array_values($shop->looks()->get()->all()));
    }
}
