<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use OpenApi\Attributes as OA;

/** What is sent about a shop’s checkout. */
#[OA\Schema(schema: 'CheckoutRulesEntry', required: ['company', 'postcode', 'phone', 'comment', 'coupon_place', 'terms', 'policy', 'hosts', 'after_paying', 'after_cancelling'], properties: [
    new OA\Property(property: 'company', ref: '#/components/schemas/Demand'),
    new OA\Property(property: 'postcode', ref: '#/components/schemas/Demand'),
    new OA\Property(property: 'phone', ref: '#/components/schemas/Demand'),
    new OA\Property(property: 'comment', ref: '#/components/schemas/Demand'),
    new OA\Property(property: 'coupon_place', ref: '#/components/schemas/CouponPlace'),
    new OA\Property(property: 'terms', description: 'HTML.', type: 'string'),
    new OA\Property(property: 'policy', description: 'HTML.', type: 'string'),
    new OA\Property(property: 'hosts', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'after_paying', type: 'string'),
    new OA\Property(property: 'after_cancelling', type: 'string'),
])]
final class CheckoutRulesEntries {}
