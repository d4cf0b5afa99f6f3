<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use OpenApi\Attributes as OA;
use PaperKite\Partner\ReferrerPolicy;

#[OA\Schema(schema: 'ReferrerPolicyChoice', description: 'What pages that a click leads out to may learn.')]
final readonly class ReferrerPolicyResource
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/ReferrerPolicy')]
        public ReferrerPolicy $value,
        #[OA\Property]
        public string $label,
    ) {}

    public static function of(ReferrerPolicy $value): self
    {
        return new self($value, $value->label());
    }
}
