<?php

declare(strict_types=1);

namespace App\Fulfilment;

use App\Models\FrozenLine;
use App\Models\OrderLine;

/** What paying for lines of some kinds does, in the transaction that writes their order. */
interface Fulfils
{
    /**
     * Before the order is written: what may no longer be there is taken, under its lock.
     *
     * @param  array<int, FrozenLine>  $lines  by their places in the order
     * @return array<int, int> by place, pieces that were not there and follow when there are more; what is not in it is all there
     *
     * @throws GoodsGone
     */
    public function take(array $lines): array;

    /**
     * After it is written: what the shopper gets by it.
     *
     * @param  array<int, OrderLine>  $lines  by their places in the order, with it
     * @param  array<int, FrozenLine>  $paid  as they were paid, by place
     */
    public function handOver(array $lines, array $paid): void;
}
