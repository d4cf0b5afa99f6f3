<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Console\Shared\Page;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PriceTableList')]
final readonly class PriceTableListResource
{
    /** @param  list<PriceTableResource>  $items */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: PriceTableResource::class))]
        public array $items,
        #[OA\Property]
        public Page $at,
    ) {}
}
