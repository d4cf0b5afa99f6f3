<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use OpenApi\Attributes as OA;

/** What is sent about a shop's own pages, and about its names. */
#[OA\Schema(schema: 'ButtonsEntry', description: 'By surface.', required: ['list', 'product', 'glance'], properties: [
    new OA\Property(property: 'list', type: 'string'),
    new OA\Property(property: 'product', type: 'string'),
    new OA\Property(property: 'glance', type: 'string'),
])]
#[OA\Schema(schema: 'ProductButtonsEntry', description: 'What differs from the shop: buttons by surface, and what they say; blank: as the shop has it.', required: ['list', 'product', 'glance', 'cart', 'pay'], properties: [
    new OA\Property(property: 'list', type: 'string'),
    new OA\Property(property: 'product', type: 'string'),
    new OA\Property(property: 'glance', type: 'string'),
    new OA\Property(property: 'cart', description: 'On the button that adds to the cart.', type: 'string'),
    new OA\Property(property: 'pay', description: 'On the button that leads to paying.', type: 'string'),
])]
#[OA\Schema(schema: 'CaptionsEntry', description: 'By surface and what the button does; blank: as built in.', required: ['list_cart', 'list_pay', 'product_cart', 'product_pay', 'glance_cart', 'glance_pay'], properties: [
    new OA\Property(property: 'list_cart', type: 'string'),
    new OA\Property(property: 'list_pay', type: 'string'),
    new OA\Property(property: 'product_cart', type: 'string'),
    new OA\Property(property: 'product_pay', type: 'string'),
    new OA\Property(property: 'glance_cart', type: 'string'),
    new OA\Property(property: 'glance_pay', type: 'string'),
])]
#[OA\Schema(schema: 'ShopfrontEntry', required: ['buttons', 'captions', 'words', 'after_adding', 'has_notice', 'notice_leads', 'address'], properties: [
    new OA\Property(property: 'buttons', ref: '#/components/schemas/ButtonsEntry'),
    new OA\Property(property: 'captions', ref: '#/components/schemas/CaptionsEntry'),
    new OA\Property(property: 'words', ref: '#/components/schemas/WordsEntry'),
    new OA\Property(property: 'after_adding', ref: '#/components/schemas/AfterAdding'),
    new OA\Property(property: 'has_notice', type: 'boolean'),
    new OA\Property(property: 'notice_leads', ref: '#/components/schemas/AfterAdding'),
    new OA\Property(property: 'address', type: 'string'),
])]
#[OA\Schema(schema: 'NamesEntry', required: ['name', 'slug', 'host', 'checkout_slug'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'slug', description: 'In the console’s addresses.', type: 'string'),
    new OA\Property(property: 'host', description: 'Where the shop is.', type: 'string'),
    new OA\Property(property: 'checkout_slug', description: 'The first part of the checkout’s address.', type: 'string'),
])]
final class ShopfrontEntries {}
