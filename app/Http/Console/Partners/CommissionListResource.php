<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Http\Console\Shared\Page;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'CommissionList')]
final readonly class CommissionListResource
{
    /** @param  list<CommissionResource>  $items */
    public function __construct(
        #[OA\Property(description: 'Those first that were put in last.', type: 'array', items: new OA\Items(ref: CommissionResource::class))]
        public array $items,
        #[OA\Property(description: 'How many days clicks and sales are of.')]
        public int $days,
        #[OA\Property]
        public Page $at,
    ) {}
}
