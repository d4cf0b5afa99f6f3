<?php

declare(strict_types=1);

namespace App\Http\Console\Links;

use OpenApi\Attributes as OA;
use PaperKite\Link\AnatomyPart;

#[OA\Schema(schema: 'AnatomyPart')]
final readonly class AnatomyPartResource
{
    private function __construct(
        #[OA\Property]
        public string $part,
        #[OA\Property]
        public string $value,
        #[OA\Property]
        public string $meaning,
    ) {}

    public static function of(AnatomyPart $part): self
    {
        return new self($part->part, $part->value, $part->meaning);
    }
}
