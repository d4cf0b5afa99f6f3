<?php

declare(strict_types=1);

namespace App\Http\Console\Displays;

use App\Changes\EditKind;
use App\Changes\Edits;
use App\Embed\WidgetWords;
use App\Finding\Kind;
use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ChangeOf;
use App\Http\Console\Shared\FoundPage;
use App\Http\Console\Shared\Page;
use App\Http\Console\Shared\ReadEditing;
use App\Http\Console\Shared\Search;
use App\Models\Shelf;
use App\Models\Shop;
use App\Offers\SaveShelf;
use App\Time\Clock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use PaperKite\Shopfront\ShelfInput;
use PaperKite\Text\FormInput;

/** Several products, or a category, in one place. */
final readonly class ShelfController
{
    private const PER_PAGE = 12;

    public function __construct(
        private SaveShelf $save,
        private Edits $edits,
        private Clock $clock,
    ) {}

    #[OA\Get(path: '/shops/{shop}/shelves', operationId: 'shelves', summary: 'The shelves', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/search'), new OA\Parameter(ref: '#/components/parameters/page')])]
    #[Answer(ShelfListResource::class)]
    public function list(Request $request, Shop $shop): JsonResponse
    {
        $page = FoundPage::of(Shelf::query()->where('shop_id', $shop->id)->with(ShelfResource::WITH)->orderByDesc('updated_at')->orderByDesc('id'), $shop, Kind::Shelf, Search::typed($request), self::PER_PAGE);
        $shelves = array_values($page->items());
        $versions = $this->edits->versions(EditKind::Shelf, $shop, array_map(static fn (Shelf $shelf): int => $shelf->id, $shelves));
        $at = $this->clock->moment();

        return response()->json(new ShelfListResource(array_map(static fn (Shelf $shelf): ShelfResource => ShelfResource::of($shelf, $versions[$shelf->id], $at), $shelves), Page::of($page)));
    }

    #[OA\Post(path: '/shops/{shop}/shelves', operationId: 'createShelf', summary: 'Make a shelf', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/act')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/ShelfEntry'))]
    #[Answer(ShelfResource::class, 201)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function create(Request $request, Shop $shop): JsonResponse
    {
        return $this->answer(($this->save)($shop, null, self::entry($request), ReadEditing::of($request)), $shop, 201);
    }

    #[OA\Post(path: '/shops/{shop}/shelves/trial', operationId: 'tryShelf', summary: 'Say what is wrong with a shelf, and show it', description: 'Nothing is saved.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/ShelfEntry'))]
    #[Answer(ShelfTrialResource::class)]
    public function try(Request $request, Shop $shop, ShelfProof $proof): JsonResponse
    {
        $entry = self::entry($request);

        return response()->json(new ShelfTrialResource((object) $entry->errors, $proof($entry, $shop), WidgetWords::of($shop)));
    }

    #[OA\Get(path: '/shops/{shop}/shelves/{shelf}', operationId: 'shelf', summary: 'A shelf', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/shelf')])]
    #[Answer(ShelfResource::class)]
    public function show(Shop $shop, Shelf $shelf): JsonResponse
    {
        return $this->answer($shelf, $shop, 200);
    }

    #[OA\Put(path: '/shops/{shop}/shelves/{shelf}', operationId: 'changeShelf', summary: 'Change a shelf', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/shelf')])]
    #[ChangeOf('ShelfEntry')]
    #[Answer(ShelfResource::class)]
    #[OA\Response(response: 409, ref: '#/components/responses/Changed')]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function change(Request $request, Shop $shop, Shelf $shelf): JsonResponse
    {
        return $this->answer(($this->save)($shop, $shelf, self::entry($request), ReadEditing::of($request)), $shop, 200);
    }

    private static function entry(Request $request): ShelfInput
    {
        return ShelfInput::read(FormInput::of($request->all()));
    }

    private function answer(Shelf $shelf, Shop $shop, int $status): JsonResponse
    {
        $version = $this->edits->version(EditKind::Shelf, $shop, $shelf->id);

        return response()->json(ShelfResource::of($shelf->refresh()->load(ShelfResource::WITH), $version, $this->clock->moment()), $status);
    }
}
