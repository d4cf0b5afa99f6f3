<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'OfferThatStayed', description: 'An offer that stayed as it was, and why.')]
final readonly class OfferThatStayedResource
{
    public function __construct(
        #[OA\Property]
        public int $offer,
        #[OA\Property]
        public string $why,
    ) {}
}
