<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Http\Console\Shared\Amount;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'RefundableLine')]
final readonly class RefundableLineResource
{
    public function __construct(
        #[OA\Property]
        public int $line,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'The choices made; blank where there were none.')]
        public string $choices,
        #[OA\Property(description: 'That can still come back.')]
        public int $pieces,
        #[OA\Property(description: 'For all of them.')]
        public Amount $amount,
    ) {}
}
