<?php

declare(strict_types=1);

namespace App\Http\Controllers\Console;

use App\Http\Answer;
use App\Http\Requests\PlacementRequest;
use App\Http\Resources\OfferResource;
use App\Models\Offer;
use App\Models\Shop;
use App\Offers\PlaceOffer;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final readonly class PlacementController
{
    #[OA\Post(path: '/shops/{shop}/offers/{offer}/placements', operationId: 'place', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(name: 'offer', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: PlacementRequest::class))]
    #[Answer(OfferResource::class, 201)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function __invoke(PlacementRequest $request, Shop $shop, Offer $offer, PlaceOffer $place): JsonResponse
    {
        $place($offer, $request->page());

        return response()->json(OfferResource::of($offer->load(['product.variants', 'placements']), $shop), 201);
    }
}
