<?php

declare(strict_types=1);

namespace App\Http\Console\Shared;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Choice', description: 'One of a short list.')]
final readonly class ChoiceResource
{
    public function __construct(
        #[OA\Property]
        public string $value,
        #[OA\Property]
        public string $label,
    ) {}
}
