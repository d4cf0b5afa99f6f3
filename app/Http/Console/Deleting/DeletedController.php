<?php

declare(strict_types=1);

namespace App\Http\Console\Deleting;

use App\Deleting\CantDelete;
use App\Deleting\Deletable;
use App\Deleting\Delete;
use App\Deleting\ListDeleted;
use App\Http\Console\Shared\Answer;
use App\Models\Shop;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

/** What is deleted, and taken back. */
final readonly class DeletedController
{
    public function __construct(
        private Delete $delete,
        private ListDeleted $list,
    ) {}

    #[OA\Get(path: '/shops/{shop}/deleted', operationId: 'deleted', summary: 'What was deleted and can be taken back', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[Answer(DeletedListResource::class)]
    public function list(Shop $shop): JsonResponse
    {
        return response()->json(DeletedListResource::of(($this->list)($shop)));
    }

    #[OA\Post(path: '/shops/{shop}/deleted/{kind}/{subject}', operationId: 'delete', summary: 'Delete something, or take it back', description: 'For 30 days it can be taken back.', parameters: [
        new OA\Parameter(ref: '#/components/parameters/shop'),
        new OA\Parameter(name: 'kind', in: 'path', required: true, schema: new OA\Schema(ref: '#/components/schemas/Deletable')),
        new OA\Parameter(name: 'subject', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ])]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['is_deleted'], properties: [new OA\Property(property: 'is_deleted', type: 'boolean')]))]
    #[Answer(DeletedListResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function set(Request $request, Shop $shop, string $kind, string $subject): JsonResponse
    {
        $request->validate(['is_deleted' => ['required', 'boolean']]);
        $of = Deletable::tryFrom($kind) ?? abort(404);
        try {
            $request->boolean('is_deleted') ? ($this->delete)($shop, $of, (int) $subject) : $this->delete->takeBack($shop, $of, (int) $subject);
        } catch (CantDelete $cant) {
            throw ValidationException::withMessages(['is_deleted' => $cant->getMessage()]);
        }

        return $this->list($shop);
    }
}
