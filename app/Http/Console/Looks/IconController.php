<?php

declare(strict_types=1);

namespace App\Http\Console\Looks;

use App\Database\OneAtATime;
use App\Http\Console\Catalogue\PictureResource;
use App\Http\Console\Shared\Answer;
use App\Looks\StoreIcon;
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
use PaperKite\Look\IconDrawing;
use PaperKite\Refusal;

/** Icons of the seller's own, for the buttons of a look: an SVG drawing, or a picture. */
final readonly class IconController
{
    #[OA\Post(path: '/shops/{shop}/looks/icons', operationId: 'uploadIcon', summary: 'Upload an icon', description: 'An SVG drawing is drawn anew from its shapes.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(required: ['picture'], properties: [new OA\Property(property: 'picture', type: 'string', format: 'binary')])))]
    #[Answer(PictureResource::class, 201)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function __invoke(Request $request, Shop $shop, StorePicture $store, StoreIcon $storeIcon, OneAtATime $one): JsonResponse
    {
        $upload = $request->file('picture');
        if (! $upload instanceof UploadedFile || ! $upload->isValid()) {
            throw ValidationException::withMessages(['picture' => 'The icon did not arrive; it may be larger than 10 MB.']);
        }
        $person = $request->user();
        try {
            $picture = $one('picture-'.($person instanceof Person ? $person->id : 0), fn (): Picture => self::isDrawing($upload)
                ? $storeIcon($shop, $upload->getContent()) ?? throw UnusablePicture::noRoom()
                : $store($shop, $upload));
        } catch (Refusal $refusal) {
            throw ValidationException::withMessages(['picture' => $refusal->getMessage()]);
        }

        return response()->json(PictureResource::of($picture), 201);
    }

    /** Whatever it is called: a drawing is text in angle brackets, and a picture is not. */
    private static function isDrawing(UploadedFile $upload): bool
    {
        $begin = (string) file_get_contents($upload->getRealPath() ?: '', length: IconDrawing::MOST_BYTES + 1);

        return str_starts_with(ltrim($begin, "\xEF\xBB\xBF \t\r\n"), '<');
    }
}
