<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use OpenApi\Attributes as OA;
use PaperKite\Catalogue\Drawing;

#[OA\Schema(schema: 'DrawingChoice')]
final readonly class DrawingResource
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/Drawing')]
        public Drawing $value,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $path,
    ) {}

    public static function of(Drawing $drawing): self
    {
        return new self($drawing, $drawing->label(), $drawing->path());
    }
}
