<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use OpenApi\Attributes as OA;
use PaperKite\Partner\Price\PriceState;

#[OA\Schema(schema: 'PriceStateCount')]
final readonly class PriceStateCountResource
{
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/PriceState')]
        public PriceState $state,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public int $count,
    ) {}
}
