<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Changes\Changed;
use App\Changes\Edited;
use App\Changes\EditKind;
use App\Changes\Edits;
use App\Changes\SaveForm;
use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ChangeOf;
use App\Http\Console\Shared\ReadEditing;
use App\Models\Shop;
use App\Partners\PartnerRulesForm;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\Partner\PartnerRulesEntry;
use PaperKite\Text\FormInput;

/** For how long partners' prices are believed, how long texts may be, how many of those who click are thought to buy. */
final readonly class PartnerRulesController
{
    public function __construct(
        private Edits $edits,
        private SaveForm $saveForm,
    ) {}

    #[OA\Get(path: '/shops/{shop}/partners/rules', operationId: 'partnerRules', summary: 'What partners’ goods are held to', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[Answer(PartnerRulesResource::class)]
    public function show(Shop $shop): JsonResponse
    {
        return $this->answer($shop);
    }

    #[OA\Put(path: '/shops/{shop}/partners/rules', operationId: 'changePartnerRules', summary: 'Change what partners’ goods are held to', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[ChangeOf('PartnerRulesEntry')]
    #[Answer(PartnerRulesResource::class)]
    #[OA\Response(response: 409, ref: '#/components/responses/Changed')]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function change(Request $request, Shop $shop, Changed $changed): JsonResponse
    {
        $entry = PartnerRulesEntry::read(FormInput::of($request->all(), $shop->decimalMark()));
        if ($entry->errors !== []) {
            throw ValidationException::withMessages($entry->errors);
        }
        ($this->saveForm)(Edited::setting(EditKind::PartnerRules, $shop), ReadEditing::of($request), static fn (): PartnerRulesForm => PartnerRulesForm::of($shop->refresh()->partner_rules), static function () use ($shop, $entry, $changed): void {
            Shop::query()->whereKey($shop->id)->firstOrFail()->update(['partner_rules' => $entry->rules]);
            $changed->shop($shop);
        });

        return $this->answer($shop);
    }

    private function answer(Shop $shop): JsonResponse
    {
        $version = $this->edits->version(EditKind::PartnerRules, $shop, $shop->id);

        return response()->json(PartnerRulesResource::of($shop->refresh()->partner_rules, $version));
    }
}
