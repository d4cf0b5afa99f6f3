<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'OrderThatStayed', description: 'An order that stayed as it was, and why.')]
final readonly class StayedResource
{
    public function __construct(
        #[OA\Property]
        public int $number,
        #[OA\Property]
        public string $why,
    ) {}
}
