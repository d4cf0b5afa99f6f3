<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Fulfilment\MoveOrders;
use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ReadEditing;
use App\Models\Shop;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Says of one order or of many how far their goods have come. */
final readonly class MoveOrdersController
{
    #[OA\Post(path: '/shops/{shop}/orders/goods', operationId: 'moveOrders', summary: 'Say how far the goods of orders have come', description: 'The shopper of an order that becomes sent is told so by mail, once.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/MoveOrdersEntry'))]
    #[Answer(MovedResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function __invoke(MoveOrdersRequest $request, Shop $shop, MoveOrders $move): JsonResponse
    {
        $numbers = $request->numbers();

        return response()->json(MovedResource::of(count($numbers), $move($shop, $numbers, $request->to(), $request->parcel(), ReadEditing::of($request)->person)));
    }
}
