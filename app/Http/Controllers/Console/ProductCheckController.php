<?php

declare(strict_types=1);

namespace App\Http\Controllers\Console;

use App\Http\Answer;
use App\Http\Requests\ProductRequest;
use App\Http\Resources\ProductCheckResource;
use App\Models\Shop;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use PaperKite\Money\Money;
use PaperKite\Refusal;

/** Reads a product's form back while it is filled in; nothing is saved. */
final readonly class ProductCheckController
{
    #[OA\Post(path: '/shops/{shop}/products/check', operationId: 'checkProduct', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(name: 'except', description: 'The product that is being changed.', in: 'query', schema: new OA\Schema(type: 'integer'))])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: ProductRequest::class))]
    #[Answer(ProductCheckResource::class)]
    public function __invoke(Request $request, Shop $shop): JsonResponse
    {
        $errors = ProductRequest::errorsIn($request, $shop);

        return response()->json(new ProductCheckResource($this->shown($request, $shop), $errors === [] ? new \stdClass : $errors));
    }

    private function shown(Request $request, Shop $shop): ?string
    {
        try {
            return Money::fromEntry($request->string('price')->toString(), $shop->currency())->shown();
        } catch (Refusal) {
            return null;
        }
    }
}
