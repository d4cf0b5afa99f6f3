<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Finding\FindByWords;
use App\Finding\Kind;
use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ChoiceResource;
use App\Http\Console\Shared\CountedPage;
use App\Http\Console\Shared\Page;
use App\Http\Console\Shared\ReadEditing;
use App\Http\Console\Shared\Search;
use App\Http\Input;
use App\Models\Marketplace;
use App\Models\PartnerAddress;
use App\Models\Shop;
use App\PriceWatch\KeepPrice;
use App\PriceWatch\WatchedHosts;
use App\PriceWatch\WatchPricesJob;
use App\Time\Clock;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use PaperKite\Partner\Price\PriceState;

/** The prices of partners' items, and what is to be done about those that are not what they were. */
final readonly class PriceController
{
    private const PER_PAGE = 20;

    private const MOST_AT_ONCE = 100;

    public function __construct(
        private WatchedHosts $hosts,
        private Clock $clock,
    ) {}

    #[OA\Get(path: '/shops/{shop}/prices', operationId: 'prices', summary: 'The prices of partners’ items', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/search'), new OA\Parameter(name: 'state', description: 'Left out: all.', in: 'query', schema: new OA\Schema(ref: '#/components/schemas/PriceState')), new OA\Parameter(ref: '#/components/parameters/page')])]
    #[Answer(PriceListResource::class)]
    public function list(Request $request, Shop $shop): JsonResponse
    {
        $found = PartnerAddress::itemsOf($shop);
        FindByWords::in($found->getQuery(), 'partner_addresses.product_id', $shop, Kind::Product, Search::typed($request));
        $counts = (clone $found)->toBase()->whereNotNull('price_state')->groupBy('price_state')->selectRaw('price_state, COUNT(*) AS items')->pluck('items', 'price_state')->all();
        $state = PriceState::tryFrom(Input::text($request, 'state'));
        if ($state !== null) {
            $found->where('price_state', $state);
        }
        $found->with(['marketplace.partner', 'marketplace.hosts', 'product.addresses.marketplace'])
            ->orderByRaw("FIELD(COALESCE(partner_addresses.price_state, ''), 'vanished', 'changed', 'unreadable', '', 'same')")->orderBy('partner_addresses.id');
        $page = CountedPage::of($found, self::PER_PAGE);
        $today = $this->clock->moment()->dayIn($shop->zone());

        return response()->json(new PriceListResource(
            array_values(array_map(static fn (PartnerAddress $address) => PriceResource::of($address, $shop->partner_rules, $today), $page->items())),
            array_map(static fn (PriceState $each) => new PriceStateCountResource($each, $each->label(), is_numeric($counts[$each->value] ?? null) ? (int) $counts[$each->value] : 0), PriceState::cases()),
            array_map(static fn (PriceAct $act) => new ChoiceResource($act->value, $act->label()), PriceAct::cases()),
            $this->unwatched($shop),
            Page::of($page),
        ));
    }

    #[OA\Post(path: '/shops/{shop}/prices/acts', operationId: 'actOnPrices', summary: 'Show the new price, show none, or look again', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['act', 'prices'], properties: [new OA\Property(property: 'act', ref: '#/components/schemas/PriceAct'), new OA\Property(property: 'prices', description: 'Their ids.', type: 'array', items: new OA\Items(type: 'integer'))], type: 'object'))]
    #[OA\Response(response: 204, description: 'Done; what is looked at again is looked at within a minute.')]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function act(Request $request, Shop $shop, KeepPrice $keep): JsonResponse
    {
        $request->validate(['act' => ['required', Rule::enum(PriceAct::class)], 'prices' => ['required', 'array', 'max:'.self::MOST_AT_ONCE], 'prices.*' => ['integer']]);
        $act = PriceAct::from(Input::text($request, 'act'));
        $items = PartnerAddress::itemsOf($shop)->whereKey(array_map(intval(...), array_filter((array) $request->input('prices'), is_numeric(...))))->orderBy('partner_addresses.id')->get();
        if ($act === PriceAct::LookAgain) {
            PartnerAddress::query()->whereKey($items->modelKeys())->update(['check_at' => $this->clock->now()]);
            WatchPricesJob::dispatch();
        }
        foreach ($items as $address) {
            match ($act) {
                PriceAct::TakeOver => $keep->takeOver($address, ReadEditing::of($request)),
                PriceAct::Hide => $keep->hide($address, ReadEditing::of($request)),
                PriceAct::LookAgain => null,
            };
        }

        return response()->json(null, 204);
    }

    /** @return list<string> names of marketplaces */
    private function unwatched(Shop $shop): array
    {
        $all = Marketplace::query()->where('shop_id', $shop->id)->whereHas('addresses', static fn (Builder $address) => $address->where('kind', 'item'))->with('hosts')->orderBy('name')->get();

        return array_values($all->filter(fn (Marketplace $marketplace): bool => ! $this->hosts->allow($marketplace->hosts->first()->host ?? '', $marketplace->port ?? $marketplace->scheme->port()))->map(static fn (Marketplace $marketplace): string => $marketplace->name)->all());
    }
}
