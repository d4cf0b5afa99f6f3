<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Console\Shared\Page;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'StaleCopyList')]
final readonly class CopyListResource
{
    /**
     * @param  list<CopyResource>  $items
     * @param  list<PriceTableResource>  $tables
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: CopyResource::class))]
        public array $items,
        #[OA\Property(description: 'Price tables that are to be copied again.', type: 'array', items: new OA\Items(ref: PriceTableResource::class))]
        public array $tables,
        #[OA\Property]
        public Page $at,
    ) {}
}
