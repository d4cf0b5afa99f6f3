<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'TextSegment')]
final readonly class TextSegmentResource
{
    public function __construct(
        #[OA\Property]
        public string $text,
        #[OA\Property(description: 'Whether it stands in the marketplace’s text as it is.')]
        public bool $is_copied,
    ) {}
}
