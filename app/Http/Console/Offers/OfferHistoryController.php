<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\CountedPage;
use App\Http\Console\Shared\Page;
use App\Models\Offer;
use App\Models\OfferVersion;
use App\Models\Shop;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** What an offer has said, change by change. */
final readonly class OfferHistoryController
{
    private const PER_PAGE = 20;

    #[OA\Get(path: '/shops/{shop}/offers/{offer}/history', operationId: 'offerHistory', summary: 'What an offer has said', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/offer'), new OA\Parameter(ref: '#/components/parameters/page')])]
    #[Answer(OfferHistoryResource::class)]
    public function __invoke(Shop $shop, Offer $offer): JsonResponse
    {
        $page = CountedPage::of(OfferVersion::query()->where('offer_id', $offer->id)->with('person')->orderByDesc('version'), self::PER_PAGE);
        $versions = array_values($page->items());
        $last = end($versions);
        $before = $last === false ? null : OfferVersion::query()->where('offer_id', $offer->id)->where('version', '<', $last->version)->orderByDesc('version')->first();

        return response()->json(new OfferHistoryResource(
            array_map(static fn (OfferVersion $version, int $i) => OfferVersionResource::of($version, $versions[$i + 1] ?? $before), $versions, array_keys($versions)),
            Page::of($page),
        ));
    }
}
