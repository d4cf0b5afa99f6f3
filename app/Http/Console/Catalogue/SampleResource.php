<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use App\Models\LeadPicture;
use App\Models\Sample;
use App\Models\SampleState;
use OpenApi\Attributes as OA;
use PaperKite\Download\SampleKind;

#[OA\Schema(schema: 'Sample', description: 'What is shown of goods before they are bought.')]
final readonly class SampleResource
{
    /** @param  list<string>  $pictures */
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property(ref: '#/components/schemas/SampleKind')]
        public SampleKind $kind,
        #[OA\Property(ref: '#/components/schemas/SampleState')]
        public SampleState $state,
        #[OA\Property(description: 'Paths.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $pictures,
        #[OA\Property(description: 'Path of sound or moving pictures; null: there are none.')]
        public ?string $path,
        #[OA\Property(description: 'Why nothing can be shown, and what to do; blank where it can.')]
        public string $problem,
    ) {}

    public static function of(Sample $sample): self
    {
        return new self($sample->id, $sample->kind, $sample->state, array_map(static fn (LeadPicture $picture): string => $picture->path, $sample->shown()), $sample->path(), $sample->problem);
    }
}
