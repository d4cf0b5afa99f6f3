<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use OpenApi\Attributes as OA;
use PaperKite\Order\GoodsState;

#[OA\Schema(schema: 'StateCount')]
final readonly class StateCountResource
{
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/GoodsState')]
        public GoodsState $state,
        #[OA\Property]
        public string $label,
        #[OA\Property(description: 'How many orders of the shop are so.')]
        public int $count,
    ) {}
}
