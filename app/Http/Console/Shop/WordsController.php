<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use App\Changes\EditKind;
use App\Changes\Edits;
use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ChangeOf;
use App\Http\Console\Shared\ReadEditing;
use App\Models\Shop;
use App\Shops\SaveWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;
use PaperKite\Words\Language;
use PaperKite\Words\OwnPhrase;

/** What shoppers read and are written, phrase by phrase, each of which a shop may say in its own words. */
#[OA\Schema(schema: 'WordsOfShopEntry', required: ['own'], properties: [
    new OA\Property(property: 'own', description: 'Own words by the key of the phrase; what is left out or blank is said as everywhere.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
])]
final readonly class WordsController
{
    public function __construct(private Edits $edits) {}

    #[OA\Get(path: '/shops/{shop}/words', operationId: 'words', summary: 'What shoppers read, phrase by phrase', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[Answer(WordsOfShopResource::class)]
    public function show(Shop $shop): JsonResponse
    {
        return $this->answer($shop);
    }

    #[OA\Put(path: '/shops/{shop}/words', operationId: 'changeWords', summary: 'Say phrases in words of one’s own', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[ChangeOf('WordsOfShopEntry')]
    #[Answer(WordsOfShopResource::class)]
    #[OA\Response(response: 409, ref: '#/components/responses/Changed')]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function change(Request $request, Shop $shop, SaveWords $save): JsonResponse
    {
        $wrong = new FieldErrors;
        $own = self::read(FormInput::of($request->all())->part('own'), $shop->wording()->language, $wrong);
        if ($wrong->all() !== []) {
            throw ValidationException::withMessages($wrong->all());
        }
        $save($shop, $shop->wording()->language, $own, ReadEditing::of($request));

        return $this->answer($shop);
    }

    /** @return array<string, string> by key; what is wrong has been noted at `own.` and the key with `/` for its points */
    public static function read(FormInput $typed, Language $language, FieldErrors $wrong): array
    {
        $own = [];
        foreach ($language->texts() as $key => $standard) {
            $own[$key] = $wrong->at('own.'.strtr($key, '.', '/'), static fn (): string => OwnPhrase::read($key, $standard, $typed->text($key))) ?? '';
        }

        return array_filter($own, static fn (string $text): bool => $text !== '');
    }

    private function answer(Shop $shop): JsonResponse
    {
        $version = $this->edits->version(EditKind::Words, $shop, $shop->id);

        return response()->json(WordsOfShopResource::of($shop->refresh()->wording(), $version));
    }
}
