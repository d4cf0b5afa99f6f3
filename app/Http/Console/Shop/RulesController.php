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
use App\Models\Casts\ShopRulesEntry;
use App\Models\Shop;
use App\Shops\RulesForm;
use App\Time\Clock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\Money\Currency;
use PaperKite\Money\UnknownCurrency;
use PaperKite\Text\FormInput;
use Symfony\Component\Intl\Countries;

/** What a shop adds to the price of its goods: tax, shipping, and what its provider keeps. */
final readonly class RulesController
{
    public function __construct(
        private Edits $edits,
        private SaveForm $saveForm,
    ) {}

    #[OA\Get(path: '/shops/{shop}/rules', operationId: 'rules', summary: 'What the shop adds to its prices', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[Answer(RulesResource::class)]
    public function show(Shop $shop): JsonResponse
    {
        return $this->answer($shop);
    }

    #[OA\Put(path: '/shops/{shop}/rules', operationId: 'changeRules', summary: 'Change what the shop adds to its prices', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[ChangeOf('RulesEntry')]
    #[Answer(RulesResource::class)]
    #[OA\Response(response: 409, ref: '#/components/responses/Changed')]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function change(Request $request, Shop $shop): JsonResponse
    {
        $currency = $this->currency($request, $shop);
        $form = ShopRulesEntry::read($currency->code, $request->input('rules'), $shop->decimalMark());
        $home = Input::text($request, 'home_country');
        $errors = $form->errors + (Countries::exists($home) ? [] : ['home_country' => ['Pick the country from the list.']]);
        if ($errors !== [] || $form->rules === null) {
            throw ValidationException::withMessages($errors);
        }
        ($this->saveForm)(Edited::setting(EditKind::Rules, $shop), ReadEditing::of($request), static fn (): RulesForm => RulesForm::of($shop->refresh()), static function () use ($shop, $currency, $form, $home): void {
            Shop::query()->whereKey($shop->id)->firstOrFail()->update(['currency' => $currency->code, 'rules' => $form->rules, 'home_country' => $home]);
        });

        return $this->answer($shop);
    }

    private function answer(Shop $shop): JsonResponse
    {
        $version = $this->edits->version(EditKind::Rules, $shop, $shop->id);

        return response()->json(RulesResource::of($shop->refresh(), ! $this->hasPrices($shop), $version));
    }

    /** Prices that are there are amounts of the shop’s currency, so that it can change only before there are any. */
    private function currency(Request $request, Shop $shop): Currency
    {
        $code = Input::text($request, 'currency', $shop->currency);
        if ($code !== $shop->currency && $this->hasPrices($shop)) {
            throw ValidationException::withMessages(['currency' => "The shop has prices in {$shop->currency} already; a shop in another currency is another shop."]);
        }
        try {
            return Currency::of($code);
        } catch (UnknownCurrency $unknown) {
            throw ValidationException::withMessages(['currency' => $unknown->getMessage()]);
        }
    }

    private function hasPrices(Shop $shop): bool
    {
        return $shop->products()->exists() || $shop->coupons()->exists();
    }

    #[OA\Post(path: '/shops/{shop}/rules/trial', operationId: 'tryRules', summary: 'Try rules on a sample cart', description: 'What unsaved rules do to the bill of a sample cart.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/RulesTrialEntry'))]
    #[Answer(RulesTrialResource::class)]
    public function try(Request $request, Shop $shop, Clock $clock): JsonResponse
    {
        return response()->json(RulesTrialResource::of(ShopRulesEntry::read(Input::text($request, 'currency', $shop->currency), $request->input('rules'), $shop->decimalMark()), FormInput::of($request->input('sample'), $shop->decimalMark()), $shop, $clock->moment()));
    }
}
