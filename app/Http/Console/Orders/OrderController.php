<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\CountedPage;
use App\Http\Console\Shared\Search;
use App\Http\Input;
use App\Models\Order;
use App\Models\Shop;
use App\Orders\FilterOrders;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;
use PaperKite\Order\GoodsState;

final readonly class OrderController
{
    private const PER_PAGE = 20;

    #[OA\Get(path: '/shops/{shop}/orders', operationId: 'orders', summary: 'The orders', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/search'), new OA\Parameter(ref: '#/components/parameters/page'), new OA\Parameter(name: 'state', description: 'Only orders whose goods have come so far.', in: 'query', schema: new OA\Schema(ref: '#/components/schemas/GoodsState'))])]
    #[Answer(OrderListResource::class)]
    public function list(Request $request, Shop $shop): JsonResponse
    {
        $pattern = Search::pattern($request);
        $state = GoodsState::tryFrom(Input::text($request, 'state'));
        $orders = CountedPage::of(FilterOrders::of($shop, $pattern, $state)->with('lines')->orderByDesc('number'), self::PER_PAGE);

        return response()->json(OrderListResource::of($orders, $this->counts($shop)));
    }

    #[OA\Get(path: '/shops/{shop}/orders/{number}', operationId: 'order', summary: 'An order', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(name: 'number', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))])]
    #[Answer(OrderResource::class)]
    public function show(Shop $shop, Order $order): JsonResponse
    {
        return response()->json(OrderResource::of($order->load(['lines', 'payments', 'steps.person'])));
    }

    /** @return array<string, int> by state */
    private function counts(Shop $shop): array
    {
        $counts = [];
        foreach ($shop->orders()->toBase()->groupBy('goods_state')->get(['goods_state', DB::raw('COUNT(*) AS orders')]) as $row) {
            /** @var object{goods_state: string, orders: int} $row */
            $counts[$row->goods_state] = $row->orders;
        }

        return $counts;
    }
}
