<?php

declare(strict_types=1);

namespace App\Fulfilment;

use App\Models\FrozenLine;
use PaperKite\Catalogue\ProductPart;

/** Does for each line of an order what paying for its kind does. */
final readonly class Fulfilments
{
    public function __construct(
        private TakeFromStock $take,
        private JustThanks $thanks,
    ) {}

    /**
     * @param  list<FrozenLine>  $lines
     * @return array<int, int> by the place of the line, pieces that were not there and follow when there are more
     *
     * @throws GoodsGone
     */
    public function __invoke(array $lines): array
    {
        $isCounted = static fn (FrozenLine $line): bool => $line->kind->has(ProductPart::Stock);
        $counted = array_filter($lines, $isCounted);

        return $this->all($this->take, $counted) + $this->all($this->thanks, array_diff_key($lines, $counted)) + array_fill_keys(array_keys($lines), 0);
    }

    /**
     * @param  array<int, FrozenLine>  $lines
     * @return array<int, int>
     *
     * @throws GoodsGone
     */
    private function all(Fulfils $fulfils, array $lines): array
    {
        return $lines === [] ? [] : $fulfils($lines);
    }
}
