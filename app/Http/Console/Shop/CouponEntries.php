<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use OpenApi\Attributes as OA;

/** What is sent about a coupon. */
#[OA\Schema(schema: 'CouponEntry', description: 'As typed.', required: ['code', 'kind', 'value', 'min_spend', 'skus', 'from', 'until', 'most_uses', 'most_uses_each'], properties: [
    new OA\Property(property: 'code', type: 'string'),
    new OA\Property(property: 'kind', ref: '#/components/schemas/CouponKind'),
    new OA\Property(property: 'value', description: 'A percentage or an amount; blank for free shipping.', type: 'string'),
    new OA\Property(property: 'min_spend', type: 'string'),
    new OA\Property(property: 'skus', description: 'Of products or variants; none: all goods.', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'from', type: 'string'),
    new OA\Property(property: 'until', type: 'string'),
    new OA\Property(property: 'most_uses', type: 'string'),
    new OA\Property(property: 'most_uses_each', type: 'string'),
])]
final class CouponEntries {}
