<?php

declare(strict_types=1);

namespace App\Http\Controllers\Console;

use App\Http\Answer;
use App\Http\Requests\ShippingFeeRequest;
use App\Http\Resources\ShopResource;
use App\Models\Shop;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final readonly class ShopController
{
    #[OA\Get(path: '/shops/{shop}', operationId: 'shop', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[Answer(ShopResource::class)]
    public function show(Shop $shop): JsonResponse
    {
        return response()->json(ShopResource::of($shop));
    }

    #[OA\Put(path: '/shops/{shop}/shipping-fee', operationId: 'setShippingFee', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: ShippingFeeRequest::class))]
    #[Answer(ShopResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function setShippingFee(ShippingFeeRequest $request, Shop $shop): JsonResponse
    {
        $shop->update(['shipping_fee_minor' => $request->fee()->minor]);

        return response()->json(ShopResource::of($shop));
    }
}
