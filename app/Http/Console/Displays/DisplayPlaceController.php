<?php

declare(strict_types=1);

namespace App\Http\Console\Displays;

use App\Http\Console\Shared\Answer;
use App\Models\DisplayPlacement;
use App\Models\PriceTable;
use App\Models\Shelf;
use App\Models\Shop;
use App\Offers\PlaceDisplay;
use App\Results\ReadResults;
use App\Time\Clock;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;
use PaperKite\Results\EventKind;

/** Where whole price tables, and shelves, stand. */
final readonly class DisplayPlaceController
{
    public function __construct(
        private ReadResults $results,
        private Clock $clock,
    ) {}

    #[OA\Get(path: '/shops/{shop}/price-tables/{priceTable}/places', operationId: 'tablePlaces', summary: 'Where a price table stands', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/table')])]
    #[Answer(DisplayPlaceListResource::class)]
    public function ofTable(Shop $shop, PriceTable $priceTable): JsonResponse
    {
        return $this->list($priceTable->places()->with(['priceTable', 'shelf'])->get(), $shop, 200);
    }

    #[OA\Post(path: '/shops/{shop}/price-tables/{priceTable}/places', operationId: 'placeTable', summary: 'Place a price table', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/table'), new OA\Parameter(ref: '#/components/parameters/act')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/DisplayPlaceEntry'))]
    #[Answer(DisplayPlaceListResource::class, 201)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function placeTable(DisplayPlaceRequest $request, Shop $shop, PriceTable $priceTable, PlaceDisplay $place): JsonResponse
    {
        $place->table($priceTable, $request->page());

        return $this->list($priceTable->places()->with(['priceTable', 'shelf'])->get(), $shop, 201);
    }

    #[OA\Get(path: '/shops/{shop}/shelves/{shelf}/places', operationId: 'shelfPlaces', summary: 'Where a shelf stands', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/shelf')])]
    #[Answer(DisplayPlaceListResource::class)]
    public function ofShelf(Shop $shop, Shelf $shelf): JsonResponse
    {
        return $this->list($shelf->places()->with(['priceTable', 'shelf'])->get(), $shop, 200);
    }

    #[OA\Post(path: '/shops/{shop}/shelves/{shelf}/places', operationId: 'placeShelf', summary: 'Place a shelf', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/shelf'), new OA\Parameter(ref: '#/components/parameters/act')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/DisplayPlaceEntry'))]
    #[Answer(DisplayPlaceListResource::class, 201)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function placeShelf(DisplayPlaceRequest $request, Shop $shop, Shelf $shelf, PlaceDisplay $place): JsonResponse
    {
        $place->shelf($shelf, $request->page());

        return $this->list($shelf->places()->with(['priceTable', 'shelf'])->get(), $shop, 201);
    }

    #[OA\Put(path: '/shops/{shop}/display-places/{displayPlacement}', operationId: 'changeDisplayPlace', summary: 'Rename, pause or resume a place', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(name: 'displayPlacement', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/DisplayPlaceEntry'))]
    #[Answer(DisplayPlaceListResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function change(DisplayPlaceRequest $request, Shop $shop, DisplayPlacement $displayPlacement): JsonResponse
    {
        $displayPlacement->update([
            'page' => $request->page(),
            'paused_at' => $request->boolean('is_paused') ? $displayPlacement->paused_at ?? $this->clock->now() : null,
        ]);

        return $this->list(DisplayPlacement::query()->whereKey($displayPlacement->id)->with(['priceTable', 'shelf'])->get(), $shop, 200);
    }

    /** @param  Collection<int, DisplayPlacement>  $places */
    private function list(Collection $places, Shop $shop, int $status): JsonResponse
    {
        $traces = $this->results->tracesOfPlaces($shop, EventKind::Click, array_values(array_map(static fn (DisplayPlacement $place): int => $place->id, $places->all())));

        return response()->json(new DisplayPlaceListResource(array_values($places->map(static fn (DisplayPlacement $place): DisplayPlaceResource => DisplayPlaceResource::of($place, $shop, $traces[$place->id]))->all())), $status);
    }
}
