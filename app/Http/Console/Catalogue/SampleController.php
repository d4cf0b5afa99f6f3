<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use App\Database\OneAtATime;
use App\Http\Console\Shared\Answer;
use App\Models\Person;
use App\Models\ProductFile;
use App\Models\Sample;
use App\Models\Shop;
use App\Pictures\UnusablePicture;
use App\Samples\AddSample;
use App\Samples\UnusableSample;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

/** What is shown of goods before they are bought. */
final readonly class SampleController
{
    #[OA\Post(path: '/shops/{shop}/samples', operationId: 'addSample', summary: 'Make a sample', description: 'Of an upload, or of a file that is sold. It belongs to a product once its form is saved. Pages are drawn in the queue.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['upload', 'file', 'pages'], properties: [
        new OA\Property(property: 'upload', description: 'Its id; null: of a file that is sold.', type: 'integer', nullable: true),
        new OA\Property(property: 'file', description: 'Id of a file that is sold; null: of an upload.', type: 'integer', nullable: true),
        new OA\Property(property: 'pages', description: 'Of a PDF, 1 to 5.', type: 'integer'),
    ], type: 'object'))]
    #[Answer(SampleResource::class, 201)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function add(Request $request, Shop $shop, AddSample $add, OneAtATime $one): JsonResponse
    {
        $file = is_int($request->input('file')) ? ProductFile::query()->where('shop_id', $shop->id)->with('versions.stored')->find($request->integer('file')) : null;
        $stored = $file?->current()->stored ?? FileController::whole($request, $shop);
        $pages = is_int($request->input('pages')) ? $request->integer('pages') : AddSample::MOST_PAGES;
        $person = $request->user();
        try {
            // A picture unfolds to a hundred megabytes while it is drawn anew.
            $sample = $one('picture-'.($person instanceof Person ? $person->id : 0), static fn (): Sample => $add($shop, $stored, $pages));

            return response()->json(SampleResource::of($sample), 201);
        } catch (UnusableSample|UnusablePicture $unusable) {
            throw ValidationException::withMessages(['upload' => $unusable->getMessage()]);
        }
    }

    #[OA\Get(path: '/shops/{shop}/samples/{sample}', operationId: 'sample', summary: 'A sample, and whether it can be shown yet', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/sample')])]
    #[Answer(SampleResource::class)]
    public function show(Shop $shop, Sample $sample): JsonResponse
    {
        return response()->json(SampleResource::of($sample));
    }
}
