<?php

declare(strict_types=1);

namespace App\Http\Console\Links;

use OpenApi\Attributes as OA;

/** What is sent about open links. */
#[OA\Schema(schema: 'OpenLinkEntry', description: 'Choices from which a link is built; what is blank is left out.', required: ['items', 'to', 'coupon', 'back', 'from'], properties: [
    new OA\Property(property: 'items', type: 'array', items: new OA\Items(required: ['sku', 'quantity'], properties: [
        new OA\Property(property: 'sku', type: 'string'),
        new OA\Property(property: 'quantity', description: 'As typed.', type: 'string'),
    ], type: 'object')),
    new OA\Property(property: 'to', description: 'A destination, or blank.', type: 'string'),
    new OA\Property(property: 'coupon', type: 'string'),
    new OA\Property(property: 'back', type: 'string'),
    new OA\Property(property: 'from', type: 'string'),
])]
final class OpenLinkEntries {}
