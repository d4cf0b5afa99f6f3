<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Console\Shared\Page;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'OfferHistory')]
final readonly class OfferHistoryResource
{
    /** @param  list<OfferVersionResource>  $items */
    public function __construct(
        #[OA\Property(description: 'The latest first.', type: 'array', items: new OA\Items(ref: OfferVersionResource::class))]
        public array $items,
        #[OA\Property]
        public Page $at,
    ) {}
}
