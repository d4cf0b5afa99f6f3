<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\TraceResource;
use App\Models\Placement;
use App\Models\Shop;
use App\Results\ReadResults;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;
use PaperKite\Results\EventKind;

/** How often a place was clicked lately. */
final readonly class PlaceClicksController
{
    #[OA\Get(path: '/shops/{shop}/placements/{placement}/clicks', operationId: 'placeClicks', summary: 'The clicks of a place', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/placement')])]
    #[Answer(TraceResource::class)]
    public function __invoke(Shop $shop, Placement $placement, ReadResults $results): JsonResponse
    {
        return response()->json(new TraceResource($placement->page, $results->tracesOfPlaces($shop, EventKind::Click, [$placement->id])[$placement->id]));
    }
}
