<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Http\Console\Shared\ChoiceResource;
use App\Partners\PartnerRulesForm;
use OpenApi\Attributes as OA;
use PaperKite\Partner\PartnerRules;
use PaperKite\Partner\Price\StalePrice;

#[OA\Schema(schema: 'PartnerRules')]
final readonly class PartnerRulesResource
{
    /** @param  list<ChoiceResource>  $stale */
    private function __construct(
        #[OA\Property]
        public PartnerRulesForm $entry,
        #[OA\Property(description: 'What can become of an old price.', type: 'array', items: new OA\Items(ref: ChoiceResource::class))]
        public array $stale,
        #[OA\Property(description: 'Counts the changes that sellers make.')]
        public int $version,
    ) {}

    public static function of(PartnerRules $rules, int $version): self
    {
        return new self(PartnerRulesForm::of($rules), array_map(static fn (StalePrice $each) => new ChoiceResource($each->value, $each->label()), StalePrice::cases()), $version);
    }
}
