<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Changes\EditKind;
use App\Changes\Edits;
use App\Finding\Kind;
use App\Http\Console\Displays\TableProof;
use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ChangeOf;
use App\Http\Console\Shared\FoundPage;
use App\Http\Console\Shared\Page;
use App\Http\Console\Shared\PutAwayRequest;
use App\Http\Console\Shared\ReadEditing;
use App\Http\Console\Shared\Search;
use App\Looks\ReadLooks;
use App\Models\PriceTable;
use App\Models\Shop;
use App\Offers\DraftTable;
use App\Offers\SavePriceTable;
use App\Offers\TableSnippet;
use App\Time\Clock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use PaperKite\Medium\TableEntry;
use PaperKite\Text\FormInput;

/** Offers side by side. */
final readonly class PriceTableController
{
    private const PER_PAGE = 10;

    public function __construct(
        private SavePriceTable $save,
        private Edits $edits,
        private ReadLooks $looks,
        private Clock $clock,
    ) {}

    #[OA\Get(path: '/shops/{shop}/price-tables', operationId: 'priceTables', summary: 'The price tables', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/search'), new OA\Parameter(ref: '#/components/parameters/page')])]
    #[Answer(PriceTableListResource::class)]
    public function list(Request $request, Shop $shop): JsonResponse
    {
        $looks = ($this->looks)($shop);
        $at = $this->clock->moment();
        $page = FoundPage::of(PriceTable::query()->where('shop_id', $shop->id)->with(PriceTable::TOLD_WITH)->orderBy('put_away_at')->orderByDesc('updated_at')->orderByDesc('id'), $shop, Kind::PriceTable, Search::typed($request), self::PER_PAGE);
        $tables = array_values($page->items());
        $versions = $this->edits->versions(EditKind::PriceTable, $shop, array_map(static fn (PriceTable $table): int => $table->id, $tables));

        return response()->json(new PriceTableListResource(
            array_map(static fn (PriceTable $table) => PriceTableResource::of($table, $versions[$table->id], $shop, $looks, $at), $tables),
            Page::of($page),
        ));
    }

    #[OA\Post(path: '/shops/{shop}/price-tables', operationId: 'createPriceTable', summary: 'Make a price table', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/act')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/PriceTableEntry'))]
    #[Answer(PriceTableResource::class, 201)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function create(Request $request, Shop $shop): JsonResponse
    {
        return $this->answer(($this->save)($shop, null, self::entry($request), ReadEditing::of($request)), $shop, 201);
    }

    #[OA\Post(path: '/shops/{shop}/price-tables/trial', operationId: 'tryPriceTable', summary: 'Say what is wrong or doubtful in a price table', description: 'Nothing is saved.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/PriceTableEntry'))]
    #[Answer(PriceTableTrialResource::class)]
    public function try(Request $request, Shop $shop, DraftTable $draft, TableProof $proof): JsonResponse
    {
        $entry = self::entry($request);
        $table = $draft($shop, $entry);

        return response()->json(PriceTableTrialResource::of($entry, $table, $proof($table, $shop), $shop));
    }

    #[OA\Get(path: '/shops/{shop}/price-tables/{priceTable}', operationId: 'priceTable', summary: 'A price table', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/table')])]
    #[Answer(PriceTableResource::class)]
    public function show(Shop $shop, PriceTable $priceTable): JsonResponse
    {
        return $this->answer($priceTable, $shop, 200);
    }

    #[OA\Put(path: '/shops/{shop}/price-tables/{priceTable}', operationId: 'changePriceTable', summary: 'Change a price table', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/table')])]
    #[ChangeOf('PriceTableEntry')]
    #[Answer(PriceTableResource::class)]
    #[OA\Response(response: 409, ref: '#/components/responses/Changed')]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function change(Request $request, Shop $shop, PriceTable $priceTable): JsonResponse
    {
        return $this->answer(($this->save)($shop, $priceTable, self::entry($request), ReadEditing::of($request)), $shop, 200);
    }

    #[OA\Post(path: '/shops/{shop}/price-tables/{priceTable}/copied', operationId: 'rememberTableCopy', summary: 'Remember that a price table was copied', description: 'Remembers what was copied, so that it can be said when the copy grows stale.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/table')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/CopiedEntry'))]
    #[Answer(PriceTableResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function copied(CopiedRequest $request, Shop $shop, PriceTable $priceTable): JsonResponse
    {
        $told = $priceTable->load(PriceTable::TOLD_WITH);
        $told->fill(['copied' => $request->digest(), 'copied_at' => $this->clock->now()]);
        $told->is_stale = TableSnippet::isStale($told, $shop, ($this->looks)($shop), $this->clock->moment());
        $told->save();

        return $this->answer($told, $shop, 200);
    }

    #[OA\Post(path: '/shops/{shop}/price-tables/{priceTable}/away', operationId: 'putTableAway', summary: 'Put a price table away, or bring it back', description: 'What was copied of it goes on working.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/table')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: PutAwayRequest::class))]
    #[Answer(PriceTableResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function putAway(PutAwayRequest $request, Shop $shop, PriceTable $priceTable): JsonResponse
    {
        $priceTable->update(['put_away_at' => $request->since($this->clock)]);

        return $this->answer($priceTable, $shop, 200);
    }

    private static function entry(Request $request): TableEntry
    {
        return TableEntry::read(FormInput::of($request->all()));
    }

    private function answer(PriceTable $table, Shop $shop, int $status): JsonResponse
    {
        $version = $this->edits->version(EditKind::PriceTable, $shop, $table->id);

        return response()->json(PriceTableResource::of($table->refresh()->load(PriceTable::TOLD_WITH), $version, $shop, ($this->looks)($shop), $this->clock->moment()), $status);
    }
}
