<?php

declare(strict_types=1);

namespace App\Http\Controllers\Console;

use App\Http\Answer;
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
}
