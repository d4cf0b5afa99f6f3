<?php

declare(strict_types=1);

namespace App\Orders;

use App\Finding\Kind;
use App\Finding\StateCounts;
use App\Models\Shop;
use PaperKite\Order\GoodsState;
use PaperKite\Order\MoneyState;

/** How many orders of a shop have come how far. */
final readonly class OrderCounts
{
    /** @param  array<string, int>  $counts  by both states, with a slash between */
    private function __construct(
        private Shop $shop,
        private array $counts,
    ) {}

    public static function of(Shop $shop): self
    {
        return new self($shop, StateCounts::of($shop, Kind::Order));
    }

    public function ofGoods(GoodsState $state): int
    {
        return $this->ofBoth($state, null);
    }

    public function ofMoney(MoneyState $state): int
    {
        return $this->ofBoth(null, $state);
    }

    /** Of those whose goods have come so far, and their money; `null`: however far. */
    public function ofBoth(?GoodsState $goods, ?MoneyState $money): int
    {
        return array_sum(array_intersect_key($this->counts, array_flip($this->both($goods, $money))));
    }

    /**
     * The same by blocks of their numbers.
     *
     * @return array<int, int> by the number that a block begins with, the highest first
     */
    public function inBlocks(?GoodsState $goods, ?MoneyState $money): array
    {
        return StateCounts::inBlocks($this->shop, Kind::Order, $this->both($goods, $money));
    }

    /** @return list<string> the states that there are orders in, with a slash between */
    private function both(?GoodsState $goods, ?MoneyState $money): array
    {
        $isMeant = static fn (string $both): bool => ($goods === null || str_starts_with($both, "{$goods->value}/")) && ($money === null || str_ends_with($both, "/{$money->value}"));

        return array_values(array_filter(array_keys($this->counts), $isMeant));
    }
}
