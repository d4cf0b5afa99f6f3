<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Http\Console\Shared\Page;
use App\Models\Order;
use App\Orders\OrderCounts;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use OpenApi\Attributes as OA;
use PaperKite\Order\GoodsState;
use PaperKite\Order\MoneyState;

#[OA\Schema(schema: 'OrderList')]
final readonly class OrderListResource
{
    /**
     * @param  list<OrderRowResource>  $items
     * @param  list<StateCountResource>  $states
     * @param  list<MoneyCountResource>  $money
     * @param  list<GoodsStateResource>  $deeds
     */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: OrderRowResource::class))]
        public array $items,
        #[OA\Property]
        public Page $at,
        #[OA\Property(description: 'How many orders of the shop have come how far, in all.', type: 'array', items: new OA\Items(ref: StateCountResource::class))]
        public array $states,
        #[OA\Property(description: 'How far the money of how many orders of the shop has come, in all.', type: 'array', items: new OA\Items(ref: MoneyCountResource::class))]
        public array $money,
        #[OA\Property(description: 'What can be done with many at once.', type: 'array', items: new OA\Items(ref: GoodsStateResource::class))]
        public array $deeds,
    ) {}

    /** @return list<GoodsState> those that most orders go through, and whatever else there is */
    private static function listed(OrderCounts $counts): array
    {
        return array_values(array_filter(GoodsState::cases(), static fn (GoodsState $state): bool => in_array($state, GoodsState::forMany(), true) || $counts->ofGoods($state) > 0));
    }

    /**
     * @param  LengthAwarePaginator<int, Order>  $paginator
     */
    public static function of(LengthAwarePaginator $paginator, OrderCounts $counts): self
    {
        return new self(
            array_map(OrderRowResource::of(...), array_values($paginator->items())),
            Page::of($paginator),
            array_map(static fn (GoodsState $state) => new StateCountResource($state, $state->label(), $counts->ofGoods($state)), self::listed($counts)),
            array_map(static fn (MoneyState $state) => new MoneyCountResource($state, $state->label(), $counts->ofMoney($state)), MoneyState::cases()),
            array_map(GoodsStateResource::of(...), [GoodsState::Packed, GoodsState::Sent, GoodsState::Collected]),
        );
    }
}
