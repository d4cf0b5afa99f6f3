<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Database\InTransaction;
use App\Http\Console\Shared\Answer;
use App\Models\Offer;
use App\Models\Shop;
use App\Offers\Obstacles;
use App\Offers\PlaceOffer;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\Medium\PlainLink;
use PaperKite\Offer\OfferState;

/** Publishes, pauses, archives an offer, and brings it back. */
final readonly class OfferStateController
{
    /** Where an offer stands that goes live before it was placed anywhere. */
    private const FIRST_PLACE = 'a link to share';

    public function __construct(
        private Obstacles $obstacles,
        private PlaceOffer $place,
        private InTransaction $inTransaction,
        private TellOffer $tell,
    ) {}

    #[OA\Post(path: '/shops/{shop}/offers/{offer}/state', operationId: 'setOfferState', summary: 'Publish, pause or archive an offer', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/offer')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: OfferStateRequest::class))]
    #[Answer(OfferResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function __invoke(OfferStateRequest $request, Shop $shop, Offer $offer): JsonResponse
    {
        ($this->inTransaction)(function () use ($request, $shop, $offer): void {
            $offer = Offer::query()->whereKey($offer->id)->with(Offer::TOLD_WITH)->lockForUpdate()->firstOrFail();
            $this->mustBeAllowed($offer, $shop, $request->state());
            $offer->update(['state' => $request->state()]);
            if ($request->state() === OfferState::Live && $offer->placements->isEmpty()) {
                ($this->place)($offer, ['page' => self::FIRST_PLACE, 'medium' => (new PlainLink)->key()]);
            }
        });

        return $this->tell->answer($offer->refresh()->load(Offer::TOLD_WITH), $shop);
    }

    private function mustBeAllowed(Offer $offer, Shop $shop, OfferState $next): void
    {
        if ($offer->state !== $next && ! $offer->state->canBecome($next)) {
            throw ValidationException::withMessages(['state' => "An offer that is {$offer->state->value} can’t become {$next->value}."]);
        }
        if ($next !== OfferState::Live) {
            return;
        }
        $errors = ($this->obstacles)($offer, $shop);
        if ($errors !== []) {
            throw ValidationException::withMessages(['state' => $errors]);
        }
    }
}
