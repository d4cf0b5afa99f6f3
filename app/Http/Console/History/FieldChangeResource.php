<?php

declare(strict_types=1);

namespace App\Http\Console\History;

use OpenApi\Attributes as OA;
use PaperKite\Edit\FieldChange;

#[OA\Schema(schema: 'FieldChange')]
final readonly class FieldChangeResource
{
    private function __construct(
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $before,
        #[OA\Property]
        public string $after,
    ) {}

    /** @param  array{string, string}  $said */
    public static function of(FieldChange $change, array $said): self
    {
        return new self($change->label(), $said[0], $said[1]);
    }
}
