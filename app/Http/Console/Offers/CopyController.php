<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Changes\EditKind;
use App\Changes\Edits;
use App\Finding\FindByWords;
use App\Finding\Kind;
use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\FoundPage;
use App\Http\Console\Shared\Page;
use App\Http\Console\Shared\Search;
use App\Looks\ReadLooks;
use App\Models\Offer;
use App\Models\Placement;
use App\Models\PriceTable;
use App\Models\Shop;
use App\Offers\OfferSnippets;
use App\Time\Clock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** The places whose copies no longer say what their offers say. */
final readonly class CopyController
{
    private const PER_PAGE = 20;

    /** A shop has few; what is more comes once these are copied. */
    private const MOST_TABLES = 20;

    #[OA\Get(path: '/shops/{shop}/copies', operationId: 'staleCopies', summary: 'Copies that no longer say what their offers say', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/search'), new OA\Parameter(ref: '#/components/parameters/page')])]
    #[Answer(CopyListResource::class)]
    public function __invoke(Request $request, Shop $shop, ReadLooks $readLooks, Clock $clock, Edits $edits): JsonResponse
    {
        $looks = $readLooks($shop);
        $at = $clock->moment();
        $with = array_map(static fn (string $relation): string => "offer.{$relation}", array_diff(Offer::TOLD_WITH, ['placements']));
        $typed = Search::typed($request);
        $page = FoundPage::of(StaleCopies::places($shop)->with(array_values($with))->orderBy('id'), $shop, Kind::Placement, $typed, self::PER_PAGE);
        $stale = StaleCopies::tables($shop);
        FindByWords::in($stale->getQuery(), 'price_tables.id', $shop, Kind::PriceTable, $typed);
        $tables = array_values($stale->with(PriceTable::TOLD_WITH)->orderBy('id')->limit(self::MOST_TABLES)->get()->all());
        $versions = $edits->versions(EditKind::PriceTable, $shop, array_map(static fn (PriceTable $table): int => $table->id, $tables));

        return response()->json(new CopyListResource(
            array_map(static fn (Placement $placement) => CopyResource::of($placement, OfferSnippets::of($placement->offer, $shop, $looks, $at)), array_values($page->items())),
            array_map(static fn (PriceTable $table) => PriceTableResource::of($table, $versions[$table->id], $shop, $looks, $at), $tables),
            Page::of($page),
        ));
    }
}
