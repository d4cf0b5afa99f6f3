<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Changes\ChangedMeanwhile;
use App\Finding\Kind;
use App\Finding\StateCounts;
use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ChangeOf;
use App\Http\Console\Shared\FoundPage;
use App\Http\Console\Shared\Ids;
use App\Http\Console\Shared\Page;
use App\Http\Console\Shared\ReadEditing;
use App\Http\Console\Shared\Search;
use App\Http\Input;
use App\Looks\ReadLooks;
use App\Models\Offer;
use App\Models\Shop;
use App\Offers\BlankOffer;
use App\Offers\DuplicateOffer;
use App\Offers\LoadOfferGoods;
use App\Offers\OfferForm;
use App\Offers\OfferSort;
use App\Offers\SaveOffer;
use App\Results\ReadResults;
use App\Time\Clock;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use PaperKite\Offer\OfferState;
use PaperKite\Results\EventKind;

final readonly class OfferController
{
    private const PER_PAGE = 20;

    public function __construct(
        private SaveOffer $save,
        private TellOffer $tell,
        private ReadLooks $looks,
        private Clock $clock,
    ) {}

    #[OA\Get(path: '/shops/{shop}/offers', operationId: 'offers', summary: 'The offers', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/search'), new OA\Parameter(name: 'state', description: 'Left out: all that are not archived.', in: 'query', schema: new OA\Schema(ref: '#/components/schemas/OfferState')), new OA\Parameter(name: 'ids', description: 'Only these, with commas between, archived or not.', in: 'query', schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'sort', description: 'Left out: those first that were changed last.', in: 'query', schema: new OA\Schema(ref: '#/components/schemas/OfferSort')), new OA\Parameter(ref: '#/components/parameters/page')])]
    #[Answer(OfferListResource::class)]
    public function list(Request $request, Shop $shop, LoadOfferGoods $load, ReadResults $results): JsonResponse
    {
        $state = OfferState::tryFrom(Input::text($request, 'state'));
        $found = Offer::query()->where('shop_id', $shop->id)->with('placements');
        SortOffers::by(OfferSort::tryFrom(Input::text($request, 'sort')) ?? OfferSort::Changed, $found);
        $total = null;
        if ($request->has('ids')) {
            $found->whereKey(Ids::of($request))->when($state !== null, static fn (Builder $query) => $query->where('state', $state));
        } else {
            // What is archived is out of sight until it is asked for.
            $state === null ? $found->where('is_archived', false) : $found->where('state', $state);
            $states = $state === null ? array_filter(OfferState::cases(), static fn (OfferState $one): bool => $one !== OfferState::Archived) : [$state];
            $total = StateCounts::sum($shop, Kind::Offer, array_values(array_map(static fn (OfferState $one): string => $one->value, $states)));
        }
        $page = FoundPage::of($found, $shop, Kind::Offer, Search::typed($request), self::PER_PAGE, $total);
        $offers = new Collection(array_values($page->items()));
        $load($offers);
        $trace = $results->tracesOfOffers($shop, EventKind::Click, array_values($offers->map(static fn (Offer $offer): int => $offer->id)->all()));
        $looks = ($this->looks)($shop);
        $at = $this->clock->moment();

        return response()->json(new OfferListResource(
            array_values($offers->map(static fn (Offer $offer) => OfferRowResource::of($offer, $shop, $looks, $trace[$offer->id], $at))->all()),
            Page::of($page),
            array_map(OfferLookResource::of(...), $looks->looks),
        ));
    }

    #[OA\Get(path: '/shops/{shop}/offers/states', operationId: 'offerStates', summary: 'How many offers there are in each state', description: 'Of those that a search finds; and how many copies of all are outdated.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/search')])]
    #[Answer(OfferStatesResource::class)]
    public function states(Request $request, Shop $shop): JsonResponse
    {
        $typed = Search::typed($request);
        $counts = $typed === '' ? StateCounts::of($shop, Kind::Offer) : StateCounts::found(Offer::query()->where('shop_id', $shop->id)->toBase(), 'offers.state', $shop, Kind::Offer, $typed);

        return response()->json(OfferStatesResource::of($counts, StaleCopies::count($shop)));
    }

    #[OA\Get(path: '/shops/{shop}/offers/blank', operationId: 'blankOffer', summary: 'A blank offer', description: 'What a new offer begins with.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(name: 'product', description: 'What it is to sell; left out, or not there: something that can be had now.', in: 'query', schema: new OA\Schema(type: 'integer'))])]
    #[Answer(BlankOfferResource::class)]
    public function blank(Request $request, Shop $shop, BlankOffer $begin): JsonResponse
    {
        $blank = $begin($shop, $request->integer('product'));

        return response()->json(new BlankOfferResource($blank === null ? null : OfferForm::of($blank)));
    }

    #[OA\Post(path: '/shops/{shop}/offers', operationId: 'createOffer', summary: 'Make an offer', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/act')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/OfferEntry'))]
    #[Answer(OfferResource::class, 201)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function create(OfferRequest $request, Shop $shop): JsonResponse
    {
        return $this->tell->answer(($this->save)($shop, null, $request->draft(), ReadEditing::of($request)), $shop, 201);
    }

    #[OA\Get(path: '/shops/{shop}/offers/{offer}', operationId: 'offer', summary: 'An offer', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/offer')])]
    #[Answer(OfferResource::class)]
    public function show(Shop $shop, Offer $offer): JsonResponse
    {
        return $this->tell->answer($offer->load(Offer::TOLD_WITH), $shop);
    }

    #[OA\Put(path: '/shops/{shop}/offers/{offer}', operationId: 'changeOffer', summary: 'Change an offer', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/offer')])]
    #[ChangeOf('OfferEntry')]
    #[Answer(OfferResource::class)]
    #[OA\Response(response: 409, description: 'Somebody else has changed it since: the offer as it is now.', content: new OA\JsonContent(required: ['message', 'offer'], properties: [new OA\Property(property: 'message', type: 'string'), new OA\Property(property: 'offer', ref: OfferResource::class)]))]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function change(OfferRequest $request, Shop $shop, Offer $offer): JsonResponse
    {
        try {
            return $this->tell->answer(($this->save)($shop, $offer, $request->draft(), ReadEditing::of($request)), $shop);
        } catch (ChangedMeanwhile $changed) {
            return response()->json(['message' => $changed->getMessage(), 'offer' => ($this->tell)($offer->refresh()->load(Offer::TOLD_WITH), $shop)], 409);
        }
    }

    #[OA\Post(path: '/shops/{shop}/offers/{offer}/duplicate', operationId: 'duplicateOffer', summary: 'Duplicate an offer', description: 'Makes a draft that says the same and is placed nowhere.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/offer'), new OA\Parameter(ref: '#/components/parameters/act')])]
    #[Answer(OfferResource::class, 201)]
    public function duplicate(Request $request, Shop $shop, Offer $offer, DuplicateOffer $duplicate): JsonResponse
    {
        return $this->tell->answer($duplicate($shop, $offer->load(Offer::TOLD_WITH), ReadEditing::of($request)->person), $shop, 201);
    }
}
