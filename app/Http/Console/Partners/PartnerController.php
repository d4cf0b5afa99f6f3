<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Changes\EditKind;
use App\Changes\Edits;
use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ChangeOf;
use App\Http\Console\Shared\PutAwayRequest;
use App\Http\Console\Shared\ReadEditing;
use App\Http\Input;
use App\Models\Marketplace;
use App\Models\Shop;
use App\Partners\MarketplaceForm;
use App\Partners\ReadyMarketplaces;
use App\Partners\SaveMarketplace;
use App\Time\Clock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use PaperKite\Partner\MarketplaceEntry;
use PaperKite\Partner\ReferrerPolicy;
use PaperKite\Partner\Token;
use PaperKite\Text\FormInput;

/** The partners of a shop, and the marketplaces where their goods are to be had. */
final readonly class PartnerController
{
    /** Stands in an address that is tried for what each place has of its own. */
    private const SAMPLE_SUB_ID = 'abc1234';

    public function __construct(
        private SaveMarketplace $save,
        private ReadyMarketplaces $ready,
        private Edits $edits,
        private Clock $clock,
    ) {}

    #[OA\Get(path: '/shops/{shop}/partners', operationId: 'partners', summary: 'The partners', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[Answer(PartnersResource::class)]
    public function list(Shop $shop): JsonResponse
    {
        return $this->answer($shop, 200);
    }

    #[OA\Post(path: '/shops/{shop}/marketplaces/trial', operationId: 'tryMarketplace', summary: 'Try a marketplace on an address', description: 'Says what is wrong in a marketplace, and what it makes of an address; nothing is saved.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(allOf: [new OA\Schema(ref: '#/components/schemas/MarketplaceEntry'), new OA\Schema(required: ['address'], properties: [new OA\Property(property: 'address', description: 'As pasted.', type: 'string')], type: 'object')]))]
    #[Answer(MarketplaceTrialResource::class)]
    public function try(Request $request, Shop $shop): JsonResponse
    {
        return response()->json(MarketplaceTrialResource::of(MarketplaceEntry::read(FormInput::of($request->all(), $shop->decimalMark())), Input::text($request, 'address'), Token::of(self::SAMPLE_SUB_ID)));
    }

    #[OA\Post(path: '/shops/{shop}/marketplaces', operationId: 'createMarketplace', summary: 'Add a marketplace', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/act')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/MarketplaceEntry'))]
    #[Answer(PartnersResource::class, 201)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function create(Request $request, Shop $shop): JsonResponse
    {
        ($this->save)($shop, null, MarketplaceEntry::read(FormInput::of($request->all(), $shop->decimalMark())), ReadEditing::of($request));

        return $this->answer($shop, 201);
    }

    #[OA\Put(path: '/shops/{shop}/marketplaces/{marketplace}', operationId: 'changeMarketplace', summary: 'Change a marketplace', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/marketplace')])]
    #[ChangeOf('MarketplaceEntry')]
    #[Answer(PartnersResource::class)]
    #[OA\Response(response: 409, ref: '#/components/responses/Changed')]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function change(Request $request, Shop $shop, Marketplace $marketplace): JsonResponse
    {
        ($this->save)($shop, $marketplace, MarketplaceEntry::read(FormInput::of($request->all(), $shop->decimalMark())), ReadEditing::of($request));

        return $this->answer($shop, 200);
    }

    #[OA\Post(path: '/shops/{shop}/marketplaces/{marketplace}/away', operationId: 'putMarketplaceAway', summary: 'Archive a marketplace, or bring it back', description: 'Products that are to be had there stay as they are; it is no longer offered for others.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/marketplace')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: PutAwayRequest::class))]
    #[Answer(PartnersResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function putAway(PutAwayRequest $request, Shop $shop, Marketplace $marketplace): JsonResponse
    {
        $this->save->putAway($marketplace, $request->since($this->clock));

        return $this->answer($shop, 200);
    }

    #[OA\Post(path: '/shops/{shop}/partners/ready/{key}', operationId: 'addReadyPartner', summary: 'Add the marketplaces of a partner that ship with Paper Kite', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(name: 'key', in: 'path', required: true, schema: new OA\Schema(type: 'string')), new OA\Parameter(ref: '#/components/parameters/act')])]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['partner_id'], properties: [new OA\Property(property: 'partner_id', description: 'Blank: entered later.', type: 'string')], type: 'object'))]
    #[Answer(PartnersResource::class, 201)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function addReady(Request $request, Shop $shop, string $key): JsonResponse
    {
        $partner = $this->ready->all()[$key] ?? abort(404);
        $there = Marketplace::query()->where('shop_id', $shop->id)->pluck('name')->all();
        foreach ($partner->entries(Input::text($request, 'partner_id')) as $entry) {
            if (! in_array($entry->marketplace?->name, $there, true)) {
                ($this->save)($shop, null, $entry, ReadEditing::of($request));
            }
        }

        return $this->answer($shop, 201);
    }

    #[OA\Put(path: '/shops/{shop}/partners/referrer', operationId: 'changeReferrerPolicy', summary: 'Say what pages that a click leads out to learn', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['policy'], properties: [new OA\Property(property: 'policy', ref: '#/components/schemas/ReferrerPolicy')], type: 'object'))]
    #[Answer(PartnersResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function changeReferrer(Request $request, Shop $shop): JsonResponse
    {
        $request->validate(['policy' => ['required', Rule::enum(ReferrerPolicy::class)]]);
        $shop->update(['referrer_policy' => ReferrerPolicy::from(Input::text($request, 'policy'))]);

        return $this->answer($shop, 200);
    }

    private function answer(Shop $shop, int $status): JsonResponse
    {
        $found = Marketplace::query()->where('shop_id', $shop->id)->with([...Marketplace::READ_WITH, 'rates'])->withCount('addresses')->get()
            ->sortBy(static fn (Marketplace $marketplace): array => [$marketplace->partner->name, $marketplace->name])->values();
        $versions = $this->edits->versions(EditKind::Marketplace, $shop, array_values($found->map(static fn (Marketplace $marketplace): int => $marketplace->id)->all()));
        $names = $found->map(static fn (Marketplace $marketplace): string => $marketplace->name)->all();
        $ready = array_filter($this->ready->all(), static fn ($partner): bool => array_diff($partner->names(), $names) !== []);

        return response()->json(new PartnersResource(
            array_values($found->map(static fn (Marketplace $marketplace) => MarketplaceResource::of($marketplace, $versions[$marketplace->id] ?? 1))->all()),
            array_values(array_map(static fn (string $key, $partner) => ReadyPartnerResource::of($key, $partner), array_keys($ready), $ready)),
            MarketplaceForm::blank($shop->home_country, $shop->currency),
            $shop->referrer_policy,
        ), $status);
    }
}
