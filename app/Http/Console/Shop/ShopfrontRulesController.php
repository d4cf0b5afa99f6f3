<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use App\Changes\Changed;
use App\Changes\Edited;
use App\Changes\EditKind;
use App\Changes\Edits;
use App\Changes\SaveForm;
use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ChangeOf;
use App\Http\Console\Shared\ReadEditing;
use App\Models\Shop;
use App\Shopfront\ShopfrontForm;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\Shopfront\ShopfrontEntry;
use PaperKite\Text\FormInput;

/** Which buttons stand in the shop's own pages, what buttons say, and what follows adding. */
final readonly class ShopfrontRulesController
{
    public function __construct(
        private Edits $edits,
        private SaveForm $saveForm,
    ) {}

    #[OA\Get(path: '/shops/{shop}/shopfront', operationId: 'shopfront', summary: 'The buttons of the shop’s own pages', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[Answer(ShopfrontResource::class)]
    public function show(Shop $shop): JsonResponse
    {
        return $this->answer($shop);
    }

    #[OA\Put(path: '/shops/{shop}/shopfront', operationId: 'changeShopfront', summary: 'Change the buttons of the shop’s own pages', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[ChangeOf('ShopfrontEntry')]
    #[Answer(ShopfrontResource::class)]
    #[OA\Response(response: 409, ref: '#/components/responses/Changed')]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function change(Request $request, Shop $shop, Changed $changed): JsonResponse
    {
        $entry = ShopfrontEntry::read(FormInput::of($request->all()), $shop->checkout_rules->allows(...));
        if ($entry->errors !== []) {
            throw ValidationException::withMessages($entry->errors);
        }
        ($this->saveForm)(Edited::setting(EditKind::Shopfront, $shop), ReadEditing::of($request), static fn (): ShopfrontForm => ShopfrontForm::of($shop->refresh()), static function () use ($shop, $entry, $changed): void {
            Shop::query()->whereKey($shop->id)->firstOrFail()->update(['shopfront' => $entry->rules, 'words' => $entry->words]);
            $changed->shop($shop);
        });

        return $this->answer($shop);
    }

    private function answer(Shop $shop): JsonResponse
    {
        $version = $this->edits->version(EditKind::Shopfront, $shop, $shop->id);

        return response()->json(ShopfrontResource::of($shop->refresh(), $version));
    }
}
