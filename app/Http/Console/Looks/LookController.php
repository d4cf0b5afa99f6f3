<?php

declare(strict_types=1);

namespace App\Http\Console\Looks;

use App\Changes\EditKind;
use App\Changes\Edits;
use App\Finding\FindByWords;
use App\Finding\Kind;
use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ChangeOf;
use App\Http\Console\Shared\PutAwayRequest;
use App\Http\Console\Shared\ReadEditing;
use App\Http\Console\Shared\Search;
use App\Looks\ReadLook;
use App\Looks\ReadLooks;
use App\Looks\SaveLook;
use App\Models\Look;
use App\Models\Offer;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use PaperKite\Text\FormInput;

/** The looks of a shop, shared by its offers. */
final readonly class LookController
{
    public function __construct(
        private ReadLook $read,
        private SaveLook $save,
        private Edits $edits,
        private ReadLooks $looks,
        private Clock $clock,
    ) {}

    #[OA\Get(path: '/shops/{shop}/looks', operationId: 'looks', summary: 'The looks', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/search')])]
    #[Answer(LookListResource::class)]
    public function list(Request $request, Shop $shop): JsonResponse
    {
        return $this->answer($shop, 200, Search::typed($request));
    }

    #[OA\Post(path: '/shops/{shop}/looks/trial', operationId: 'tryLook', summary: 'Try a look', description: 'Says what is wrong or hard to see in a look; nothing is saved.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/LookEntry'))]
    #[Answer(LookTrialResource::class)]
    public function try(Request $request, Shop $shop): JsonResponse
    {
        return response()->json(LookTrialResource::of(($this->read)($shop, FormInput::of($request->all()))));
    }

    #[OA\Post(path: '/shops/{shop}/looks', operationId: 'createLook', summary: 'Make a look', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/act')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/LookEntry'))]
    #[Answer(LookListResource::class, 201)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function create(Request $request, Shop $shop): JsonResponse
    {
        ($this->save)($shop, null, ($this->read)($shop, FormInput::of($request->all())), ReadEditing::of($request));

        return $this->answer($shop, 201);
    }

    #[OA\Put(path: '/shops/{shop}/looks/{look}', operationId: 'changeLook', summary: 'Change a look', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/look')])]
    #[ChangeOf('LookEntry')]
    #[Answer(LookListResource::class)]
    #[OA\Response(response: 409, ref: '#/components/responses/Changed')]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function change(Request $request, Shop $shop, Look $look): JsonResponse
    {
        ($this->save)($shop, $look, ($this->read)($shop, FormInput::of($request->all())), ReadEditing::of($request));

        return $this->answer($shop, 200);
    }

    #[OA\Post(path: '/shops/{shop}/looks/{look}/earlier', operationId: 'putLookBack', summary: 'Undo the last change of a look', description: 'Puts the values back that the look had before its last change.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/look')])]
    #[Answer(LookListResource::class)]
    public function putBack(Request $request, Shop $shop, Look $look): JsonResponse
    {
        $this->save->putBack($shop, $look, ReadEditing::of($request)->person);

        return $this->answer($shop, 200);
    }

    #[OA\Post(path: '/shops/{shop}/looks/{look}/usual', operationId: 'makeLookUsual', summary: 'Make a look the usual one', description: 'Makes it the look of offers that name none.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/look')])]
    #[Answer(LookListResource::class)]
    public function makeUsual(Shop $shop, Look $look): JsonResponse
    {
        $this->save->makeUsual($shop, $look);

        return $this->answer($shop, 200);
    }

    #[OA\Post(path: '/shops/{shop}/looks/{look}/away', operationId: 'putLookAway', summary: 'Put a look away, or bring it back', description: 'Offers that name it keep it; it is no longer offered for others.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/look')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: PutAwayRequest::class))]
    #[Answer(LookListResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function putAway(PutAwayRequest $request, Shop $shop, Look $look): JsonResponse
    {
        $this->save->putAway($shop, $look, $request->since($this->clock));

        return $this->answer($shop, 200);
    }

    private function answer(Shop $shop, int $status, string $typed = ''): JsonResponse
    {
        $found = $typed === '' ? null : $this->found($shop, $typed);
        $versions = $this->edits->versions(EditKind::Look, $shop, array_values($shop->looks()->get(['id'])->map(static fn (Look $look): int => $look->id)->all()));
        $book = ($this->looks)($shop);
        $counts = Offer::query()->where('shop_id', $shop->id)->selectRaw('look_id, COUNT(*) AS offers')->groupBy('look_id')->pluck('offers', 'look_id')->all();
        $count = static fn (int|string $key): int => is_numeric($counts[$key] ?? null) ? (int) $counts[$key] : 0;
        $usual = $book->usual()->id;

        return response()->json(new LookListResource(array_map(
            static fn (Look $look) => LookResource::of($look, $versions[$look->id] ?? 1, $usual, $count($look->id) + ($look->id === $usual ? $count('') : 0)),
            array_values(array_filter($book->looks, static fn (Look $look): bool => $found === null || in_array($look->id, $found, true))),
        )), $status);
    }

    /** @return list<int> ids */
    private function found(Shop $shop, string $typed): array
    {
        $looks = Look::query()->where('shop_id', $shop->id);
        FindByWords::in($looks->getQuery(), 'looks.id', $shop, Kind::Look, $typed);

        return array_values($looks->get(['id'])->map(static fn (Look $look): int => $look->id)->all());
    }
}
