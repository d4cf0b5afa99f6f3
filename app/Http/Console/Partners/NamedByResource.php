<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use OpenApi\Attributes as OA;
use PaperKite\Partner\NamedBy;

#[OA\Schema(schema: 'NamedByChoice', description: 'How what is to be had at a partner can be named.')]
final readonly class NamedByResource
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/NamedBy')]
        public NamedBy $value,
        #[OA\Property]
        public string $label,
    ) {}

    public static function of(NamedBy $value): self
    {
        return new self($value, $value->label());
    }
}
