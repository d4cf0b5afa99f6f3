<?php

declare(strict_types=1);

namespace App\Http\Console\Looks;

use OpenApi\Attributes as OA;
use PaperKite\Look\LookCheck;
use PaperKite\Look\LookDoubt;
use PaperKite\Look\LookEntry;

#[OA\Schema(schema: 'LookTrial', description: 'A look as it stands in its form.')]
final readonly class LookTrialResource
{
    /**
     * @param  list<LookDoubtResource>  $doubts
     */
    private function __construct(
        #[OA\Property(description: 'Sentences by field.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))]
        public object $errors,
        #[OA\Property(type: 'array', items: new OA\Items(ref: LookDoubtResource::class))]
        public array $doubts,
    ) {}

    public static function of(LookEntry $entry): self
    {
        return new self((object) $entry->errors, $entry->look === null ? [] : array_map(static fn (LookDoubt $doubt) => LookDoubtResource::of($doubt), LookCheck::of($entry->look)));
    }
}
