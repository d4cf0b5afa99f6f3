<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use App\Http\Console\Shared\Page;
use App\Shops\CouponForm;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'CouponList')]
final readonly class CouponListResource
{
    /** @param  list<CouponResource>  $items */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: CouponResource::class))]
        public array $items,
        #[OA\Property(description: 'What a new one begins with.')]
        public CouponForm $blank,
        #[OA\Property]
        public Page $at,
    ) {}
}
