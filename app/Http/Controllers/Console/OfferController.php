<?php

declare(strict_types=1);

namespace App\Http\Controllers\Console;

use App\Http\Answer;
use App\Http\CountedPage;
use App\Http\Requests\OfferRequest;
use App\Http\Resources\OfferListResource;
use App\Http\Resources\OfferResource;
use App\Http\Resources\OfferRowResource;
use App\Http\Resources\Page;
use App\Models\Offer;
use App\Models\Shop;
use App\Results\ClickTrace;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use PaperKite\Offer\OfferState;

final readonly class OfferController
{
    private const PER_PAGE = 20;

    #[OA\Get(path: '/shops/{shop}/offers', operationId: 'offers', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/search'), new OA\Parameter(ref: '#/components/parameters/page')])]
    #[Answer(OfferListResource::class)]
    public function list(Request $request, Shop $shop, ClickTrace $traces): JsonResponse
    {
        $pattern = Search::pattern($request);
        $offers = CountedPage::of(Offer::query()->where('shop_id', $shop->id)->with(['product.variants', 'placements'])
            ->when($pattern !== null, fn (Builder $query) => $query->where(fn (Builder $either) => $either
                ->where('caption', 'like', $pattern)
                ->orWhere('state', 'like', $pattern)
                ->orWhereRelation('product', 'name', 'like', $pattern)
                ->orWhereRelation('placements', 'page', 'like', $pattern)))
            ->orderByDesc('updated_at')->orderByDesc('id'), self::PER_PAGE);
        $trace = $traces->ofOffers(array_map(static fn (Offer $offer): int => $offer->id, array_values($offers->items())));

        return response()->json(new OfferListResource(
            array_map(static fn (Offer $offer) => OfferRowResource::of($offer, $shop, $trace[$offer->id]), array_values($offers->items())),
            Page::of($offers),
        ));
    }

    #[OA\Post(path: '/shops/{shop}/offers', operationId: 'createOffer', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: OfferRequest::class))]
    #[Answer(OfferResource::class, 201)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function create(OfferRequest $request, Shop $shop): JsonResponse
    {
        $offer = $shop->offers()->create(['state' => OfferState::Draft, ...$request->attributesOfOffer()]);

        return response()->json(OfferResource::of($offer->load(['product.variants', 'placements']), $shop), 201);
    }

    #[OA\Get(path: '/shops/{shop}/offers/{offer}', operationId: 'offer', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(name: 'offer', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))])]
    #[Answer(OfferResource::class)]
    public function show(Shop $shop, Offer $offer): JsonResponse
    {
        return response()->json(OfferResource::of($offer->load(['product.variants', 'placements']), $shop));
    }

    #[OA\Put(path: '/shops/{shop}/offers/{offer}', operationId: 'changeOffer', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(name: 'offer', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: OfferRequest::class))]
    #[Answer(OfferResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function change(OfferRequest $request, Shop $shop, Offer $offer): JsonResponse
    {
        $offer->update($request->attributesOfOffer());

        return response()->json(OfferResource::of($offer->load(['product.variants', 'placements']), $shop));
    }
}
