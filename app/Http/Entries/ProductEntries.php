<?php

declare(strict_types=1);

namespace App\Http\Entries;

use OpenApi\Attributes as OA;

/** What is sent about a product. */
#[OA\Schema(
    schema: 'ProductEntry',
    description: 'As typed; amounts with a point, moments as the shop’s clock shows them.',
    required: ['name', 'sku', 'is_draft', 'summary', 'description', 'price', 'sale_price', 'sale_from', 'sale_until', 'cost', 'tax_class', 'weight', 'weight_unit', 'shipping_first', 'shipping_more', 'picture', 'tracks_stock', 'stock', 'allows_back_order', 'low_stock', 'categories', 'traits', 'add_ons', 'pictures', 'options', 'variants', 'buttons'],
    properties: [
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'sku', type: 'string'),
        new OA\Property(property: 'is_draft', description: 'Whether it is shown nowhere and can’t be bought yet.', type: 'boolean'),
        new OA\Property(property: 'summary', description: 'HTML.', type: 'string'),
        new OA\Property(property: 'description', description: 'HTML.', type: 'string'),
        new OA\Property(property: 'price', type: 'string'),
        new OA\Property(property: 'sale_price', type: 'string'),
        new OA\Property(property: 'sale_from', type: 'string'),
        new OA\Property(property: 'sale_until', type: 'string'),
        new OA\Property(property: 'cost', type: 'string'),
        new OA\Property(property: 'tax_class', type: 'string'),
        new OA\Property(property: 'weight', type: 'string'),
        new OA\Property(property: 'weight_unit', ref: '#/components/schemas/WeightUnit'),
        new OA\Property(property: 'shipping_first', type: 'string'),
        new OA\Property(property: 'shipping_more', type: 'string'),
        new OA\Property(property: 'picture', ref: '#/components/schemas/Drawing'),
        new OA\Property(property: 'tracks_stock', type: 'boolean'),
        new OA\Property(property: 'stock', type: 'string'),
        new OA\Property(property: 'stock_seen', description: 'What the form was filled with, so that what is sold meanwhile stays sold.', type: 'integer', nullable: true),
        new OA\Property(property: 'allows_back_order', type: 'boolean'),
        new OA\Property(property: 'low_stock', type: 'string'),
        new OA\Property(property: 'categories', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'traits', type: 'array', items: new OA\Items(required: ['name', 'values'], properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'values', type: 'array', items: new OA\Items(type: 'string')),
        ], type: 'object')),
        new OA\Property(property: 'add_ons', description: 'Ids of products.', type: 'array', items: new OA\Items(type: 'integer')),
        new OA\Property(property: 'pictures', type: 'array', items: new OA\Items(required: ['id', 'alt'], properties: [
            new OA\Property(property: 'id', type: 'integer'),
            new OA\Property(property: 'alt', type: 'string'),
        ], type: 'object')),
        new OA\Property(property: 'buttons', ref: '#/components/schemas/ProductButtonsEntry'),
        new OA\Property(property: 'options', type: 'array', items: new OA\Items(ref: '#/components/schemas/OptionEntry')),
        new OA\Property(property: 'variants', type: 'array', items: new OA\Items(ref: '#/components/schemas/VariantEntry')),
        new OA\Property(property: 'version', description: 'The version that the change begins with; left out, whatever is there is written over.', type: 'integer'),
    ],
)]
#[OA\Schema(schema: 'OptionEntry', required: ['name', 'choices'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'choices', type: 'array', items: new OA\Items(required: ['name', 'price', 'adds'], properties: [
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'price', type: 'string'),
        new OA\Property(property: 'adds', type: 'string'),
    ], type: 'object')),
])]
#[OA\Schema(schema: 'VariantEntry', required: ['choices', 'sku', 'price', 'stock', 'weight', 'picture_id', 'is_preselected'], properties: [
    new OA\Property(property: 'choices', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'sku', type: 'string'),
    new OA\Property(property: 'price', description: 'Blank: as its choices say.', type: 'string'),
    new OA\Property(property: 'stock', description: 'Blank: not counted.', type: 'string'),
    new OA\Property(property: 'stock_seen', type: 'integer', nullable: true),
    new OA\Property(property: 'weight', description: 'In grams; blank: as the product’s.', type: 'string'),
    new OA\Property(property: 'picture_id', type: 'integer', nullable: true),
    new OA\Property(property: 'is_preselected', type: 'boolean'),
])]
final class ProductEntries {}
