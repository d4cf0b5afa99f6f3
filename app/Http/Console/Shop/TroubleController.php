<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use App\Models\Shop;
use App\Operator\Troubles;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** What stands in the shop's way just now. */
final readonly class TroubleController
{
    #[OA\Get(path: '/shops/{shop}/troubles', operationId: 'troubles', summary: 'What the seller should know of now', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\Response(response: 200, description: 'A sentence each; none where all is well.', content: new OA\JsonContent(type: 'array', items: new OA\Items(type: 'string')))]
    public function __invoke(Shop $shop, Troubles $troubles): JsonResponse
    {
        return response()->json($troubles->of($shop));
    }
}
