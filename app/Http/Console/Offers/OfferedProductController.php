<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ReadEditing;
use App\Looks\ReadLooks;
use App\Models\Offer;
use App\Models\Product;
use App\Models\Shop;
use App\Offers\OfferProduct;
use App\Offers\OfferSnippets;
use App\Time\Clock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use PaperKite\Medium\HtmlButton;
use PaperKite\Medium\PlainLink;

/** A product's link or button, to be copied where the product is. */
final readonly class OfferedProductController
{
    #[OA\Post(path: '/shops/{shop}/products/{product}/place', operationId: 'offerProduct', summary: 'Make a link or a button of a product', description: 'The offer and the place that it needs are made once; asked again, they are answered.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(name: 'product', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))])]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['medium'], properties: [new OA\Property(property: 'medium', type: 'string', enum: ['link', 'html'])]))]
    #[Answer(PlacementResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function __invoke(Request $request, Shop $shop, Product $product, OfferProduct $make, ReadLooks $looks, Clock $clock): JsonResponse
    {
        $request->validate(['medium' => ['required', Rule::in([(new PlainLink)->key(), (new HtmlButton)->key()])]]);
        $placement = $make($shop, $product, $request->string('medium')->toString(), ReadEditing::of($request));
        $offer = Offer::query()->with(Offer::TOLD_WITH)->findOrFail($placement->offer_id);

        return response()->json(PlacementResource::of($placement->refresh(), OfferSnippets::of($offer, $shop, $looks($shop), $clock->moment()), $shop));
    }
}
