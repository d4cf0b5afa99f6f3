<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ReadEditing;
use App\Looks\ReadLooks;
use App\Models\Offer;
use App\Models\Shop;
use App\Offers\ExampleOffers;
use App\Offers\OfferForm;
use App\Offers\SaveExampleTable;
use App\Time\Clock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use PaperKite\Offer\Example;
use PaperKite\Offer\Sentence;

/** Offers to begin from. */
final readonly class ExampleController
{
    public function __construct(
        private ExampleOffers $examples,
        private ReadLooks $looks,
        private Clock $clock,
    ) {}

    #[OA\Get(path: '/shops/{shop}/offers/examples', operationId: 'examples', summary: 'Offers to begin from', description: 'Told with what the shop has for sale.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[Answer(ExampleListResource::class)]
    public function list(Shop $shop): JsonResponse
    {
        $offers = $this->examples->all($shop);
        $look = ($this->looks)($shop)->chosen(null)->name;

        return response()->json(new ExampleListResource(array_map(fn (Example $example): ExampleResource => ExampleResource::of(
            $example,
            array_map(fn (Offer $offer): Sentence => $this->sentence($offer, $shop, $look), $offers[$example->value]),
            isset($offers[$example->value][0]) ? OfferForm::of($offers[$example->value][0]) : null,
        ), Example::cases())));
    }

    #[OA\Post(path: '/shops/{shop}/offers/examples/table', operationId: 'beginTable', summary: 'Make three offers and their price table', description: 'The offers are drafts.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/act')])]
    #[OA\Response(response: 201, description: 'They are made.', content: new OA\JsonContent(required: ['table'], properties: [new OA\Property(property: 'table', description: 'The id of the price table.', type: 'integer')]))]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function table(Request $request, Shop $shop, SaveExampleTable $save): JsonResponse
    {
        return response()->json(['table' => $save($shop, ReadEditing::of($request))->id], 201);
    }

    private function sentence(Offer $offer, Shop $shop, string $look): Sentence
    {
        $told = $offer->toCore($shop, $look);

        return Sentence::of($told, $told->destination->bill($shop->rules(), $shop->home_country, $this->clock->moment())->receipt, []);
    }
}
