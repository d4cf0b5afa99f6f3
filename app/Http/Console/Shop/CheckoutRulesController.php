<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use App\Changes\Edited;
use App\Changes\EditKind;
use App\Changes\Edits;
use App\Changes\SaveForm;
use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ChangeOf;
use App\Http\Console\Shared\ReadEditing;
use App\Http\Input;
use App\Models\Shop;
use App\Shops\CheckoutRulesForm;
use App\Text\RichText;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\Checkout\RulesEntry;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;

/** How the checkout asks, and where it leads. */
final readonly class CheckoutRulesController
{
    public function __construct(
        private Edits $edits,
        private SaveForm $saveForm,
    ) {}

    #[OA\Get(path: '/shops/{shop}/checkout', operationId: 'checkoutRules', summary: 'How the checkout asks', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[Answer(CheckoutRulesResource::class)]
    public function show(Shop $shop): JsonResponse
    {
        return $this->answer($shop);
    }

    #[OA\Put(path: '/shops/{shop}/checkout', operationId: 'changeCheckoutRules', summary: 'Change how the checkout asks', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[ChangeOf('CheckoutRulesEntry')]
    #[Answer(CheckoutRulesResource::class)]
    #[OA\Response(response: 409, ref: '#/components/responses/Changed')]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function change(Request $request, Shop $shop): JsonResponse
    {
        $wrong = new FieldErrors;
        $terms = $wrong->at('terms', static fn (): string => RichText::of(Input::text($request, 'terms'), 'The text'));
        $policy = $wrong->at('policy', static fn (): string => RichText::of(Input::text($request, 'policy'), 'The text'));
        $entry = RulesEntry::read(FormInput::of($request->all()), $terms ?? '', $policy ?? '');
        $errors = $entry->errors + $wrong->all();
        if ($errors !== [] || $entry->rules === null) {
            throw ValidationException::withMessages($errors);
        }
        $rules = $entry->rules;
        ($this->saveForm)(Edited::setting(EditKind::Checkout, $shop), ReadEditing::of($request), static fn (): CheckoutRulesForm => CheckoutRulesForm::of($shop->refresh()->checkout_rules), static function () use ($shop, $rules): void {
            Shop::query()->whereKey($shop->id)->firstOrFail()->update(['checkout_rules' => $rules]);
        });

        return $this->answer($shop);
    }

    private function answer(Shop $shop): JsonResponse
    {
        $version = $this->edits->version(EditKind::Checkout, $shop, $shop->id);

        return response()->json(CheckoutRulesResource::of($shop->refresh()->checkout_rules, $version));
    }
}
