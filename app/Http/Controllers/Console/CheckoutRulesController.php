<?php

declare(strict_types=1);

namespace App\Http\Controllers\Console;

use App\Http\Answer;
use App\Http\Input;
use App\Http\Resources\CheckoutRulesResource;
use App\Models\Shop;
use App\Text\RichText;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\Checkout\RulesEntry;
use PaperKite\Text\Typed;

/** How the checkout asks, and where it leads. */
final readonly class CheckoutRulesController
{
    #[OA\Get(path: '/shops/{shop}/checkout', operationId: 'checkoutRules', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[Answer(CheckoutRulesResource::class)]
    public function show(Shop $shop): JsonResponse
    {
        return response()->json(CheckoutRulesResource::of($shop->checkout_rules));
    }

    #[OA\Put(path: '/shops/{shop}/checkout', operationId: 'changeCheckoutRules', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/CheckoutRulesEntry'))]
    #[Answer(CheckoutRulesResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function change(Request $request, Shop $shop): JsonResponse
    {
        $entry = RulesEntry::read(Typed::of($request->all()), RichText::sanitised(Input::text($request, 'terms')), RichText::sanitised(Input::text($request, 'policy')));
        $shop->update(['checkout_rules' => $entry->rules ?? throw ValidationException::withMessages($entry->errors)]);

        return response()->json(CheckoutRulesResource::of($shop->refresh()->checkout_rules));
    }
}
