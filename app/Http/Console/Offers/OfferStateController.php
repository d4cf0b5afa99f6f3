<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Database\InTransaction;
use App\Http\Console\Shared\Answer;
use App\Models\Offer;
use App\Models\Shop;
use App\Offers\OfferForm;
use App\Offers\PlaceOffer;
use App\Offers\ReadDraft;
use App\Time\Clock;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\Medium\PlainLink;
use PaperKite\Offer\Finding;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Severity;
use PaperKite\Text\FormInput;
use Symfony\Component\Intl\Countries;

/** Publishes, pauses, archives an offer, and brings it back. */
final readonly class OfferStateController
{
    /** Where an offer stands that goes live before it was placed anywhere. */
    private const FIRST_PLACE = 'a link to share';

    public function __construct(
        private ReadDraft $read,
        private PlaceOffer $place,
        private InTransaction $inTransaction,
        private TellOffer $tell,
        private Clock $clock,
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
        $draft = ($this->read)($shop, FormInput::ofForm(OfferForm::of($offer)), [])->draft;
        $proof = Proof::of($draft, $shop->rules(), $shop->home_country, Countries::getName($shop->home_country, 'en'), $this->clock->moment());
        $errors = array_filter($proof->findings(), static fn (Finding $finding): bool => $finding->severity === Severity::Error);
        if ($errors !== []) {
            throw ValidationException::withMessages(['state' => array_values(array_map(static fn (Finding $finding): string => $finding->sentence, $errors))]);
        }
    }
}
