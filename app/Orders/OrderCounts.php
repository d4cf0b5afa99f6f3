<?php

declare(strict_types=1);

namespace App\Orders;

use App\Models\Shop;
use PaperKite\Order\GoodsState;
use PaperKite\Order\MoneyState;

/** How many orders of a shop have come how far. */
final readonly class OrderCounts
{
    /**
     * @param  array<string, int>  $goods  by state
     * @param  array<string, int>  $money  by state
     */
    private function __construct(
        private array $goods,
        private array $money,
    ) {}

    public static function of(Shop $shop): self
    {
        $goods = [];
        $money = [];
        /** @var list<object{goods_state: string, money_state: string, orders: int}> $rows */
        $rows = $shop->orders()->toBase()->groupBy('goods_state', 'money_state')->selectRaw('goods_state, money_state, COUNT(*) AS orders')->get()->all();
        foreach ($rows as $row) {
            $goods[$row->goods_state] = ($goods[$row->goods_state] ?? 0) + $row->orders;
            $money[$row->money_state] = ($money[$row->money_state] ?? 0) + $row->orders;
        }

        return new self($goods, $money);
    }

    public function ofGoods(GoodsState $state): int
    {
        return $this->goods[$state->value] ?? 0;
    }

    public function ofMoney(MoneyState $state): int
    {
        return $this->money[$state->value] ?? 0;
    }
}
