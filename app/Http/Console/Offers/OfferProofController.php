<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Console\Shared\Answer;
use App\Models\Placement;
use App\Models\Shop;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;
use PaperKite\Medium\Widget;
use PaperKite\Offer\Place;

/** Says, looks at and reckons what stands on the desk; nothing is saved. */
final readonly class OfferProofController
{
    #[OA\Post(path: '/shops/{shop}/offers/proof', operationId: 'proof', summary: 'Prove an offer that is not saved', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(name: 'offer', description: 'The offer that is being changed, for the places in its sentence.', in: 'query', schema: new OA\Schema(type: 'integer'))])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/OfferEntry'))]
    #[Answer(ProofResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function __invoke(OfferRequest $request, Shop $shop): JsonResponse
    {
        $places = Placement::query()->where(['shop_id' => $shop->id, 'offer_id' => $request->integer('offer')])->orderBy('id')->get()
            ->map(static fn (Placement $placement): Place => new Place($placement->page, $placement->medium === (new Widget)->key()))->all();
        $proof = $request->proof(array_values($places));

        return response()->json(ProofResource::of($proof, $shop, $request->draft()->look->id));
    }
}
