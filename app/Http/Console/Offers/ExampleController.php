<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ReadEditing;
use App\Models\Offer;
use App\Models\Shop;
use App\Offers\ExampleOffers;
use App\Offers\OfferForm;
use App\Offers\ReadDraft;
use App\Offers\SaveExampleTable;
use App\Time\Clock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use PaperKite\Offer\Example;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Sentence;
use PaperKite\Text\FormInput;
use Symfony\Component\Intl\Countries;

/** Offers to begin from. */
final readonly class ExampleController
{
    public function __construct(
        private ExampleOffers $examples,
        private ReadDraft $read,
        private Clock $clock,
    ) {}

    #[OA\Get(path: '/shops/{shop}/offers/examples', operationId: 'examples', summary: 'Offers to begin from', description: 'Told with what the shop has for sale.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[Answer(ExampleListResource::class)]
    public function list(Shop $shop): JsonResponse
    {
        return response()->json(new ExampleListResource(array_map(function (Example $example) use ($shop): ExampleResource {
            $offers = $this->examples->of($shop, $example);

            return ExampleResource::of($example, array_map(fn (Offer $offer): Sentence => $this->sentence($offer, $shop), $offers), $offers === [] ? null : OfferForm::of($offers[0]));
        }, Example::cases())));
    }

    #[OA\Post(path: '/shops/{shop}/offers/examples/table', operationId: 'beginTable', summary: 'Make three offers and their price table', description: 'The offers are drafts.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\Response(response: 201, description: 'They are made.', content: new OA\JsonContent(required: ['table'], properties: [new OA\Property(property: 'table', description: 'The id of the price table.', type: 'integer')]))]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function table(Request $request, Shop $shop, SaveExampleTable $save): JsonResponse
    {
        return response()->json(['table' => $save($shop, ReadEditing::of($request))->id], 201);
    }

    private function sentence(Offer $offer, Shop $shop): Sentence
    {
        $draft = ($this->read)($shop, FormInput::ofForm(OfferForm::of($offer)), [])->draft;

        return Proof::of($draft, $shop->rules(), $shop->home_country, Countries::getName($shop->home_country, 'en'), $this->clock->moment())->sentence();
    }
}
