<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Http\Console\Shared\Page;
use App\Models\Order;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'OrderList')]
final readonly class OrderListResource
{
    /** @param  list<OrderRowResource>  $items */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: OrderRowResource::class))]
        public array $items,
        #[OA\Property]
        public Page $at,
    ) {}

    /** @param  LengthAwarePaginator<int, Order>  $paginator */
    public static function of(LengthAwarePaginator $paginator): self
    {
        return new self(array_map(OrderRowResource::of(...), array_values($paginator->items())), Page::of($paginator));
    }
}
