<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use OpenApi\Attributes as OA;
use PaperKite\Order\GoodsState;

#[OA\Schema(schema: 'GoodsStateChoice', description: 'How far goods have come, and what a button says that makes it so.')]
final readonly class GoodsStateResource
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/GoodsState')]
        public GoodsState $state,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $deed,
    ) {}

    public static function of(GoodsState $state): self
    {
        return new self($state, $state->label(), $state->deed());
    }
}
