<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use App\Http\Console\Shared\Answer;
use App\Models\Shop;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final readonly class ShopController
{
    #[OA\Get(path: '/shops/{shop}', operationId: 'shop', summary: 'A shop, with the lists that its forms choose from', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[Answer(ShopResource::class)]
    public function show(Shop $shop, TellShop $tell): JsonResponse
    {
        return response()->json($tell($shop));
    }
}
