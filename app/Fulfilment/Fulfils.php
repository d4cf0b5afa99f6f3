<?php

declare(strict_types=1);

namespace App\Fulfilment;

use App\Models\FrozenLine;

/** What paying for lines of some kinds does, in the transaction that writes their order. */
interface Fulfils
{
    /**
     * @param  array<int, FrozenLine>  $lines  by their places in the order
     * @return array<int, int> by place, pieces that were not there and follow when there are more; what is not in it is all there
     *
     * @throws GoodsGone
     */
    public function __invoke(array $lines): array;
}
