<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use App\Http\Console\Shared\ChoiceResource;
use OpenApi\Attributes as OA;
use PaperKite\Words\PhraseGroup;
use PaperKite\Words\Sample;
use PaperKite\Words\Wording;

#[OA\Schema(schema: 'WordsOfShop', description: 'What shoppers read and are written.')]
final readonly class WordsOfShopResource
{
    /**
     * @param  list<PhraseGroupResource>  $groups
     * @param  list<ChoiceResource>  $samples
     */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: PhraseGroupResource::class))]
        public array $groups,
        #[OA\Property(description: 'What can be looked at before it is saved.', type: 'array', items: new OA\Items(ref: ChoiceResource::class))]
        public array $samples,
        #[OA\Property(description: 'The version that a change begins with.')]
        public int $version,
    ) {}

    public static function of(Wording $words, int $version): self
    {
        $keys = [];
        foreach ($words->language->texts() as $key => $standard) {
            $keys[PhraseGroup::of($key)->value ?? ''][] = PhraseResource::of($key, $standard, $words);
        }

        return new self(array_map(static fn (PhraseGroup $group): PhraseGroupResource => new PhraseGroupResource($group->value, $group->label(), $keys[$group->value] ?? []), PhraseGroup::cases()), array_map(static fn (Sample $sample): ChoiceResource => new ChoiceResource($sample->value, $sample->label()), Sample::cases()), $version);
    }
}
