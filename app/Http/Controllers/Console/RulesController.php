<?php

declare(strict_types=1);

namespace App\Http\Controllers\Console;

use App\Http\Answer;
use App\Http\Resources\RulesResource;
use App\Http\Resources\RulesTrialResource;
use App\Models\Shop;
use App\Shops\RulesForm;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\Text\Typed;
use Symfony\Component\Intl\Countries;

/** What a shop adds to the price of its goods: tax, shipping, and what its provider keeps. */
final readonly class RulesController
{
    #[OA\Get(path: '/shops/{shop}/rules', operationId: 'rules', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[Answer(RulesResource::class)]
    public function show(Shop $shop): JsonResponse
    {
        return response()->json(RulesResource::of($shop));
    }

    #[OA\Put(path: '/shops/{shop}/rules', operationId: 'changeRules', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/RulesEntry'))]
    #[Answer(RulesResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function change(Request $request, Shop $shop): JsonResponse
    {
        $form = RulesForm::read($shop->currency, $request->input('rules'));
        $home = $request->string('home_country')->toString();
        $errors = $form->errors + (Countries::exists($home) ? [] : ['home_country' => ['Pick the country from the list.']]);
        if ($errors !== [] || $form->rules === null) {
            throw ValidationException::withMessages($errors);
        }
        $shop->update(['rules' => $form->rules, 'home_country' => $home]);

        return response()->json(RulesResource::of($shop->refresh()));
    }

    #[OA\Post(path: '/shops/{shop}/rules/trial', operationId: 'tryRules', description: 'What unsaved rules do to the bill of a sample cart.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/RulesTrialEntry'))]
    #[Answer(RulesTrialResource::class)]
    public function try(Request $request, Shop $shop): JsonResponse
    {
        return response()->json(RulesTrialResource::of(RulesForm::read($shop->currency, $request->input('rules')), Typed::of($request->input('sample')), $shop));
    }
}
