<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use OpenApi\Attributes as OA;

/** What is sent about a shop’s rules. */
#[OA\Schema(schema: 'ShopRules', description: 'Amounts and percentages as texts with a point; from and limit are texts where a table goes by total, whole numbers otherwise.', required: ['prices_include_tax', 'timezone', 'payment_fee', 'shipping_tax_class', 'tax', 'zones'], properties: [
    new OA\Property(property: 'prices_include_tax', type: 'boolean'),
    new OA\Property(property: 'timezone', description: 'IANA.', type: 'string'),
    new OA\Property(property: 'payment_fee', required: ['percent', 'fixed'], properties: [new OA\Property(property: 'percent', type: 'string'), new OA\Property(property: 'fixed', type: 'string')], type: 'object'),
    new OA\Property(property: 'shipping_tax_class', type: 'string', nullable: true),
    new OA\Property(property: 'tax', type: 'array', items: new OA\Items(required: ['country', 'class', 'rate'], properties: [
        new OA\Property(property: 'country', type: 'string'), new OA\Property(property: 'class', type: 'string'), new OA\Property(property: 'rate', type: 'string'),
    ], type: 'object')),
    new OA\Property(property: 'zones', type: 'array', items: new OA\Items(ref: '#/components/schemas/ZoneEntry')),
])]
#[OA\Schema(schema: 'ZoneEntry', required: ['name', 'countries', 'free_from', 'table'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'countries', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'free_from', type: 'string', nullable: true),
    new OA\Property(property: 'table', oneOf: [new OA\Schema(ref: '#/components/schemas/FeeTable'), new OA\Schema(type: 'null')]),
])]
#[OA\Schema(schema: 'FeeTable', required: ['by', 'limit', 'bands'], properties: [
    new OA\Property(property: 'by', ref: '#/components/schemas/ShippingMeasure'),
    new OA\Property(property: 'limit', oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'number'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'bands', type: 'array', items: new OA\Items(required: ['from', 'fee'], properties: [
        new OA\Property(property: 'from', oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'number')]),
        new OA\Property(property: 'fee', type: 'string'),
    ], type: 'object')),
])]
#[OA\Schema(schema: 'RulesEntry', required: ['rules', 'home_country', 'currency'], properties: [
    new OA\Property(property: 'currency', description: 'ISO 4217.', type: 'string'),
    new OA\Property(property: 'rules', ref: '#/components/schemas/ShopRules'),
    new OA\Property(property: 'home_country', type: 'string'),
])]
#[OA\Schema(schema: 'RulesTrialEntry', required: ['rules', 'sample', 'currency'], properties: [
    new OA\Property(property: 'currency', description: 'ISO 4217.', type: 'string'),
    new OA\Property(property: 'rules', ref: '#/components/schemas/ShopRules'),
    new OA\Property(property: 'sample', required: ['amount', 'weight', 'pieces', 'country', 'tax_class'], properties: [
        new OA\Property(property: 'amount', type: 'string'), new OA\Property(property: 'weight', description: 'In grams.', type: 'string'),
        new OA\Property(property: 'pieces', type: 'string'), new OA\Property(property: 'country', type: 'string'), new OA\Property(property: 'tax_class', type: 'string'),
    ], type: 'object'),
])]
final class RulesEntries {}
