<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use App\Http\Console\Shared\Answer;
use App\Http\Input;
use App\Models\Person;
use App\Models\Shop;
use App\Models\StoredFile;
use App\Uploads\BeginUpload;
use App\Uploads\DropUpload;
use App\Uploads\NoRoom;
use App\Uploads\PartRefused;
use App\Uploads\TakePart;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\Download\FileName;
use PaperKite\Download\FileSize;
use PaperKite\Text\FieldErrors;
use Symfony\Component\HttpFoundation\Response;

/** Files that come in parts, each with where it begins and its checksum; one that broke off goes on where it was. */
final readonly class UploadController
{
    /** RFC 9530, 2: a digest in base64 between colons (RFC 8941, 3.3.5). */
    private const DIGEST = '/\A\s*sha-256=:([A-Za-z0-9+\/]{43}=):\s*\z/';

    #[OA\Post(path: '/shops/{shop}/uploads', operationId: 'beginUpload', summary: 'Begin to upload a file', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['name', 'bytes'], properties: [new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'bytes', description: 'Of the whole file.', type: 'integer')], type: 'object'))]
    #[Answer(UploadResource::class, 201)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function begin(Request $request, Shop $shop, BeginUpload $begin): JsonResponse
    {
        $wrong = new FieldErrors;
        $name = $wrong->at('name', static fn (): FileName => FileName::of(Input::text($request, 'name')));
        $size = $wrong->at('bytes', static fn (): FileSize => FileSize::of(is_int($request->input('bytes')) ? $request->integer('bytes') : 0));
        if ($name === null || $size === null) {
            throw ValidationException::withMessages($wrong->all());
        }
        $person = $request->user();
        try {
            return response()->json(UploadResource::of($begin($shop, $person instanceof Person ? $person : null, $name, $size)), 201);
        } catch (NoRoom $full) {
            throw ValidationException::withMessages(['bytes' => $full->getMessage()]);
        }
    }

    #[OA\Get(path: '/shops/{shop}/uploads/{upload}', operationId: 'upload', summary: 'How far a file has come', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/upload')])]
    #[Answer(UploadResource::class)]
    public function show(Shop $shop, StoredFile $upload): JsonResponse
    {
        return response()->json(UploadResource::of($upload));
    }

    #[OA\Put(path: '/shops/{shop}/uploads/{upload}', operationId: 'uploadPart', summary: 'Send the next part of a file', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/upload'), new OA\Parameter(name: 'Upload-Offset', description: 'Where it begins, in bytes.', in: 'header', required: true, schema: new OA\Schema(type: 'integer')), new OA\Parameter(name: 'Content-Digest', description: 'Its SHA-256, RFC 9530.', in: 'header', required: true, schema: new OA\Schema(type: 'string'))])]
    #[OA\RequestBody(content: new OA\MediaType(mediaType: 'application/octet-stream', schema: new OA\Schema(type: 'string', format: 'binary')))]
    #[Answer(UploadResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function take(Request $request, Shop $shop, StoredFile $upload, TakePart $take): JsonResponse
    {
        $digest = preg_match(self::DIGEST, (string) $request->headers->get('Content-Digest'), $found) === 1 ? base64_decode($found[1], true) : false;
        $offset = (string) $request->headers->get('Upload-Offset');
        if ($digest === false || preg_match('/\A[0-9]{1,10}\z/', $offset) !== 1) {
            throw ValidationException::withMessages(['part' => 'Say where the part begins and what its checksum is, by Upload-Offset and Content-Digest.']);
        }
        try {
            return response()->json(UploadResource::of($take($upload, (int) $offset, $digest, $request->getContent(true))));
        } catch (PartRefused $refused) {
            throw ValidationException::withMessages(['part' => $refused->getMessage()]);
        } catch (NoRoom $full) {
            throw ValidationException::withMessages(['bytes' => $full->getMessage()]);
        }
    }

    #[OA\Delete(path: '/shops/{shop}/uploads/{upload}', operationId: 'dropUpload', summary: 'Drop a file that did not come whole', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/upload')])]
    #[OA\Response(response: 204, description: 'It is gone.')]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function drop(Shop $shop, StoredFile $upload, DropUpload $drop): Response
    {
        if ($upload->isWhole()) {
            throw ValidationException::withMessages(['upload' => 'This file is whole; remove it where it is sold instead.']);
        }
        $drop($upload);

        return response()->noContent();
    }
}
