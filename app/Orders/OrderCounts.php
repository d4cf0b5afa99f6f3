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
    private function __construct(private array $counts) {}

    public static function of(Shop $shop): self
    {
        return new self(StateCounts::of($shop, Kind::Order));
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
        $isMeant = static fn (string $both): bool => ($goods === null || str_starts_with($both, "{$goods->value}/")) && ($money === null || str_ends_with($both, "/{$money->value}"));

        return array_sum(array_filter($this->counts, $isMeant, ARRAY_FILTER_USE_KEY));
    }
}
