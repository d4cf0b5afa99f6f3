<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Embed\ReadStories;
use App\Embed\WidgetData;
use App\Embed\WidgetLook;
use App\Embed\WidgetWords;
use App\Http\Console\Shared\Answer;
use App\Looks\ReadLooks;
use App\Models\OfferLine;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;
use PaperKite\Medium\WidgetForm;

/** What the widget of a place shows, of an offer that is not saved. */
final readonly class WidgetProofController
{
    public function __construct(
        private ReadLooks $looks,
        private Clock $clock,
    ) {}

    #[OA\Post(path: '/shops/{shop}/placements/{placement}/widget', operationId: 'widgetProof', summary: 'Prove a widget of an offer that is not saved', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/placement')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/OfferEntry'))]
    #[Answer(WidgetProofResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function __invoke(OfferRequest $request, Shop $shop, Placement $placement, ReadStories $stories): JsonResponse
    {
        $draft = $request->draft();
        $offer = $draft->unsaved($shop);
        (new Collection($offer->lines->map(static fn (OfferLine $line): Product => $line->product)->all()))->load('variants.picture');
        $placement->setRelation('offer', $offer);
        if ($placement->form === WidgetForm::Story) {
            $stories([$placement]);
        }
        $looks = ($this->looks)($shop);
        $look = WidgetLook::of($looks->at($placement, $offer), $looks->worn($placement, $offer), $shop->base());

        return response()->json(new WidgetProofResource(WidgetData::of($placement, $shop, $look, $this->clock->moment()), WidgetWords::of($shop)));
    }
}
