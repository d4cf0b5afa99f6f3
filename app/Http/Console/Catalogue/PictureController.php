<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use App\Database\OneAtATime;
use App\Http\Console\Shared\Answer;
use App\Models\Person;
use App\Models\Picture;
use App\Models\Shop;
use App\Pictures\StorePicture;
use App\Pictures\UnusablePicture;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final readonly class PictureController
{
    #[OA\Post(path: '/shops/{shop}/pictures', operationId: 'uploadPicture', summary: 'Upload a picture', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(required: ['picture'], properties: [new OA\Property(property: 'picture', type: 'string', format: 'binary')])))]
    #[Answer(PictureResource::class, 201)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function __invoke(Request $request, Shop $shop, StorePicture $store, OneAtATime $one): JsonResponse
    {
        $upload = $request->file('picture');
        if (! $upload instanceof UploadedFile || ! $upload->isValid()) {
            throw ValidationException::withMessages(['picture' => 'The picture did not arrive; it may be larger than 10 MB.']);
        }
        try {
            // A picture unfolds to a hundred megabytes while it is drawn anew.
            $person = $request->user();
            $picture = $one('picture-'.($person instanceof Person ? $person->id : 0), static fn (): Picture => $store($shop, $upload));

            return response()->json(PictureResource::of($picture), 201);
        } catch (UnusablePicture $unusable) {
            throw ValidationException::withMessages(['picture' => $unusable->getMessage()]);
        }
    }
}
