<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Console\Shared\Answer;
use App\Models\Offer;
use App\Models\Placement;
use App\Models\Shop;
use App\Offers\PlaceOffer;
use App\Offers\RecheckCopies;
use App\Time\Clock;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** The places where an offer stands. */
final readonly class PlacementController
{
    public function __construct(
        private RecheckCopies $recheck,
        private TellOffer $tell,
        private Clock $clock,
    ) {}

    #[OA\Post(path: '/shops/{shop}/offers/{offer}/placements', operationId: 'place', summary: 'Place an offer', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/offer'), new OA\Parameter(ref: '#/components/parameters/act')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/PlacementEntry'))]
    #[Answer(OfferResource::class, 201)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function create(PlacementRequest $request, Shop $shop, Offer $offer, PlaceOffer $place): JsonResponse
    {
        $place($offer, $request->attributesOfPlacement());

        return $this->answer($offer, $shop, 201);
    }

    #[OA\Put(path: '/shops/{shop}/placements/{placement}', operationId: 'changePlacement', summary: 'Change a place', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/placement')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/PlacementEntry'))]
    #[Answer(OfferResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function change(PlacementRequest $request, Shop $shop, Placement $placement): JsonResponse
    {
        $attributes = $request->attributesOfPlacement();
        // Another medium is another thing to paste: what was copied before says nothing of it.
        $copied = $attributes['medium'] === $placement->medium ? [] : ['copied' => null, 'copied_at' => null];
        $placement->update([
            ...($placement->price_table_id === null ? $attributes : array_diff_key($attributes, ['medium' => true])),
            ...$copied,
            'paused_at' => $request->boolean('is_paused') ? $placement->paused_at ?? $this->clock->now() : null,
        ]);

        return $this->answer($placement->offer()->firstOrFail(), $shop, 200);
    }

    #[OA\Post(path: '/shops/{shop}/placements/{placement}/copied', operationId: 'rememberCopy', summary: 'Remember that a place was copied', description: 'Remembers what was copied, so that it can be said when the copy grows stale.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/placement')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/CopiedEntry'))]
    #[Answer(OfferResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function copied(CopiedRequest $request, Shop $shop, Placement $placement): JsonResponse
    {
        $placement->update(['copied' => $request->digest(), 'copied_at' => $this->clock->now()]);

        return $this->answer($placement->offer()->firstOrFail(), $shop, 200);
    }

    private function answer(Offer $offer, Shop $shop, int $status): JsonResponse
    {
        $told = $offer->load(Offer::TOLD_WITH);
        $this->recheck->ofOffer($told, $shop);

        return $this->tell->answer($told, $shop, $status);
    }
}
