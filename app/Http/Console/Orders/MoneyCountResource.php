<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use OpenApi\Attributes as OA;
use PaperKite\Order\MoneyState;

#[OA\Schema(schema: 'MoneyCount')]
final readonly class MoneyCountResource
{
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/MoneyState')]
        public MoneyState $state,
        #[OA\Property]
        public string $label,
        #[OA\Property(description: 'How many orders of the shop are so.')]
        public int $count,
    ) {}
}
