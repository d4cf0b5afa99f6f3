<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use App\Http\Console\Shared\Answer;
use App\Models\Shop;
use App\Shops\NamesForm;
use App\Shops\RenameShop;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use PaperKite\Text\FormInput;

/** What a shop is called, and where it is. */
final readonly class NamesController
{
    #[OA\Put(path: '/shops/{shop}/names', operationId: 'renameShop', summary: 'Change the names of a shop', description: 'Every address that the shop leaves leads to it for good.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/NamesEntry'))]
    #[Answer(ShopResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function __invoke(Request $request, Shop $shop, RenameShop $rename, TellShop $tell): JsonResponse
    {
        return response()->json($tell($rename($shop, NamesForm::fromInput(FormInput::of($request->all())))));
    }
}
