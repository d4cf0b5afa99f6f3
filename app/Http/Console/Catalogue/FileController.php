<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use App\Downloads\AddFile;
use App\Downloads\ReplaceFile;
use App\Http\Console\Shared\Answer;
use App\Models\ProductFile;
use App\Models\Shop;
use App\Models\StoredFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

/** Files that products are sold with, and their versions. */
final readonly class FileController
{
    #[OA\Post(path: '/shops/{shop}/files', operationId: 'addFile', summary: 'Make a file for a product of an upload that is whole', description: 'It belongs to a product once its form is saved. Made once, however often it is asked for.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['upload'], properties: [new OA\Property(property: 'upload', description: 'Its id.', type: 'integer')], type: 'object'))]
    #[Answer(ProductFileResource::class, 201)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function add(Request $request, Shop $shop, AddFile $add): JsonResponse
    {
        return response()->json(ProductFileResource::of($add($shop, self::whole($request, $shop))->load('versions.stored')), 201);
    }

    #[OA\Post(path: '/shops/{shop}/files/{file}/versions', operationId: 'replaceFile', summary: 'Sell another version of a file from now on', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/file')])]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['upload', 'is_for_earlier'], properties: [
        new OA\Property(property: 'upload', description: 'Its id.', type: 'integer'),
        new OA\Property(property: 'is_for_earlier', description: 'Whether who bought an earlier version gets it, too, and is told by mail.', type: 'boolean'),
    ], type: 'object'))]
    #[Answer(ProductFileResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function replace(Request $request, Shop $shop, ProductFile $file, ReplaceFile $replace): JsonResponse
    {
        $request->validate(['is_for_earlier' => ['required', 'boolean']]);
        $stored = self::whole($request, $shop);

        return response()->json(ProductFileResource::of($replace($file, $stored, $request->boolean('is_for_earlier'))->load('versions.stored')));
    }

    /** @throws ValidationException where it is not there, or did not come whole */
    public static function whole(Request $request, Shop $shop): StoredFile
    {
        $upload = is_int($request->input('upload')) ? $request->integer('upload') : 0;

        return StoredFile::query()->where('shop_id', $shop->id)->whereNotNull('sha256')->find($upload) ?? throw ValidationException::withMessages(['upload' => 'This file did not come whole; upload it again.']);
    }
}
