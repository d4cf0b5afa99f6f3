<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use OpenApi\Attributes as OA;

/** What is sent about a shop’s rules. */
#[OA\Schema(schema: 'RulesTrialEntry', required: ['rules', 'sample', 'currency'], properties: [
    new OA\Property(property: 'currency', description: 'ISO 4217.', type: 'string'),
    new OA\Property(property: 'rules', ref: '#/components/schemas/ShopRules'),
    new OA\Property(property: 'sample', required: ['amount', 'weight', 'pieces', 'country', 'tax_class'], properties: [
        new OA\Property(property: 'amount', type: 'string'), new OA\Property(property: 'weight', description: 'In grams.', type: 'string'),
        new OA\Property(property: 'pieces', type: 'string'), new OA\Property(property: 'country', type: 'string'), new OA\Property(property: 'tax_class', type: 'string'),
    ], type: 'object'),
])]
final class RulesEntries {}
