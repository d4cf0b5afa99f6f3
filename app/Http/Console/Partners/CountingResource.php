<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use OpenApi\Attributes as OA;
use PaperKite\Partner\Counting;

#[OA\Schema(schema: 'CountingChoice', description: 'What a marketplace may count as a sale.')]
final readonly class CountingResource
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/Counting')]
        public Counting $value,
        #[OA\Property]
        public string $label,
    ) {}

    public static function of(Counting $value): self
    {
        return new self($value, ucfirst($value->words()));
    }
}
