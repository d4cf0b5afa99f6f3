<?php

declare(strict_types=1);

namespace App\Finding;

use App\Models\Shop;

/** What a seller reads of things of one kind, in lists and pickers. */
interface SaidOf
{
    public function kind(): Kind;

    /**
     * @param  list<int>  $ids
     * @return array<int, Said> by id; of those that are there and the shop's
     */
    public function of(Shop $shop, array $ids): array;
}
