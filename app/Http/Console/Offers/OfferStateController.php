<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ReadEditing;
use App\Models\Offer;
use App\Models\Shop;
use App\Offers\ChangeOffers;
use App\Offers\OfferStays;
use App\Offers\SetOfferState;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

/** Publishes, pauses, archives an offer, and brings it back; the same, or another look, for many at once. */
final readonly class OfferStateController
{
    public function __construct(
        private SetOfferState $set,
        private ChangeOffers $change,
        private TellOffer $tell,
    ) {}

    #[OA\Post(path: '/shops/{shop}/offers/{offer}/state', operationId: 'setOfferState', summary: 'Publish, pause or archive an offer', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/offer')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: OfferStateRequest::class))]
    #[Answer(OfferResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function one(OfferStateRequest $request, Shop $shop, Offer $offer): JsonResponse
    {
        try {
            ($this->set)($shop, $offer, $request->state());
        } catch (OfferStays $stays) {
            throw ValidationException::withMessages(['state' => $stays->sentences]);
        }

        return $this->tell->answer($offer->refresh()->load(Offer::TOLD_WITH), $shop);
    }

    #[OA\Post(path: '/shops/{shop}/offers/many', operationId: 'changeOffers', summary: 'Change the state or the look of several offers', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/ChangeOffersEntry'))]
    #[Answer(ChangedOffersResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function many(ChangeOffersRequest $request, Shop $shop): JsonResponse
    {
        return response()->json(ChangedOffersResource::of(($this->change)($shop, $request->changes(), ReadEditing::of($request)->person, $request->takesBack())));
    }
}
