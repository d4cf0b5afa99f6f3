<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Finding\Kind;
use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\CountedPage;
use App\Http\Console\Shared\FoundPage;
use App\Http\Console\Shared\Search;
use App\Http\Input;
use App\Models\Order;
use App\Models\Shop;
use App\Orders\FilterOrders;
use App\Orders\OrderCounts;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use PaperKite\Order\GoodsState;
use PaperKite\Order\MoneyState;

final readonly class OrderController
{
    private const PER_PAGE = 20;

    #[OA\Get(path: '/shops/{shop}/orders', operationId: 'orders', summary: 'The orders', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/search'), new OA\Parameter(ref: '#/components/parameters/page'), new OA\Parameter(name: 'state', description: 'Only orders whose goods have come so far.', in: 'query', schema: new OA\Schema(ref: '#/components/schemas/GoodsState')), new OA\Parameter(name: 'money', description: 'Only orders whose money has come so far.', in: 'query', schema: new OA\Schema(ref: '#/components/schemas/MoneyState'))])]
    #[Answer(OrderListResource::class)]
    public function list(Request $request, Shop $shop): JsonResponse
    {
        $state = GoodsState::tryFrom(Input::text($request, 'state'));
        $money = MoneyState::tryFrom(Input::text($request, 'money'));
        $counts = OrderCounts::of($shop);
        $found = FilterOrders::of($shop, $state, $money)->with('lines')->orderByDesc('number');
        [$typed, $total] = [Search::typed($request), $counts->ofBoth($state, $money)];
        $orders = $typed === ''
            ? CountedPage::inBlocks($found, 'number', static fn (): array => $counts->inBlocks($state, $money), self::PER_PAGE, $total)
            : FoundPage::of($found, $shop, Kind::Order, $typed, self::PER_PAGE, $total, isNewestFirst: true);

        return response()->json(OrderListResource::of($orders, $counts));
    }

    #[OA\Get(path: '/shops/{shop}/orders/{number}', operationId: 'order', summary: 'An order', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/number')])]
    #[Answer(OrderResource::class)]
    public function show(Shop $shop, Order $order, ShowOrder $show): JsonResponse
    {
        return response()->json($show($shop, $order));
    }
}
