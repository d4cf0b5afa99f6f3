<?php

declare(strict_types=1);

namespace App\Http\Controllers\Console;

use App\Http\Answer;
use App\Http\Requests\OfferStateRequest;
use App\Http\Resources\OfferResource;
use App\Models\Offer;
use App\Models\Shop;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\Offer\Draft;
use PaperKite\Offer\Finding;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Proofreading;
use PaperKite\Offer\Severity;

/** Publishes, pauses, archives an offer, and brings it back. */
final readonly class OfferStateController
{
    #[OA\Post(path: '/shops/{shop}/offers/{offer}/state', operationId: 'setOfferState', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(name: 'offer', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: OfferStateRequest::class))]
    #[Answer(OfferResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function __invoke(OfferStateRequest $request, Shop $shop, Offer $offer): JsonResponse
    {
        DB::transaction(function () use ($request, $shop, $offer): void {
            $offer = Offer::query()->whereKey($offer->id)->with('product.variants')->lockForUpdate()->firstOrFail();
            $this->mustBeAllowed($offer, $shop, $request->state());
            $offer->update(['state' => $request->state()]);
        });

        return response()->json(OfferResource::of($offer->refresh()->load(['product.variants', 'placements']), $shop));
    }

    private function mustBeAllowed(Offer $offer, Shop $shop, OfferState $next): void
    {
        if ($offer->state !== $next && ! $offer->state->canBecome($next)) {
            throw ValidationException::withMessages(['state' => "An offer that is {$offer->state->value} can’t become {$next->value}."]);
        }
        if ($next !== OfferState::Live) {
            return;
        }
        $errors = array_filter(
            Proofreading::of(new Draft($offer->product->toCore(), (string) $offer->quantity, $offer->destination, $offer->cart_use, $offer->caption ?? '', $shop->readiness())),
            static fn (Finding $finding): bool => $finding->severity === Severity::Error,
        );
        if ($errors !== []) {
            throw ValidationException::withMessages(['state' => array_values(array_map(static fn (Finding $finding): string => $finding->sentence, $errors))]);
        }
    }
}
