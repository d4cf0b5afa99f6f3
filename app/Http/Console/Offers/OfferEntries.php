<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use OpenApi\Attributes as OA;

/** What is sent about an offer. */
#[OA\Schema(schema: 'OfferItemEntry', required: ['product_id', 'variant', 'quantity'], properties: [
    new OA\Property(property: 'product_id', type: 'integer'),
    new OA\Property(property: 'variant', description: 'The SKU of a variant; blank: none, or the shopper says which.', type: 'string'),
    new OA\Property(property: 'quantity', description: 'As typed.', type: 'string'),
])]
#[OA\Schema(schema: 'AskEntry', description: 'As typed.', required: ['is_asked', 'label', 'least', 'most'], properties: [
    new OA\Property(property: 'is_asked', type: 'boolean'),
    new OA\Property(property: 'label', type: 'string'),
    new OA\Property(property: 'least', type: 'string'),
    new OA\Property(property: 'most', type: 'string'),
])]
#[OA\Schema(schema: 'WordsEntry', description: 'What a button says in each state, as typed; blank: as the next more general says.', required: ['idle', 'working', 'added', 'sold_out', 'not_available'], properties: [
    new OA\Property(property: 'idle', type: 'string'),
    new OA\Property(property: 'working', type: 'string'),
    new OA\Property(property: 'added', type: 'string'),
    new OA\Property(property: 'sold_out', type: 'string'),
    new OA\Property(property: 'not_available', type: 'string'),
])]
#[OA\Schema(schema: 'OfferEntry', required: ['items', 'destination', 'cart_use', 'opening', 'ask', 'words', 'look_id', 'landing'], properties: [
    new OA\Property(property: 'items', description: 'None: the shopper’s cart as it is.', type: 'array', items: new OA\Items(ref: '#/components/schemas/OfferItemEntry')),
    new OA\Property(property: 'destination', ref: '#/components/schemas/Destination'),
    new OA\Property(property: 'cart_use', ref: '#/components/schemas/CartUse'),
    new OA\Property(property: 'opening', ref: '#/components/schemas/Opening'),
    new OA\Property(property: 'ask', ref: '#/components/schemas/AskEntry'),
    new OA\Property(property: 'words', ref: '#/components/schemas/WordsEntry'),
    new OA\Property(property: 'look_id', description: 'Null: the shop’s.', type: 'integer', nullable: true),
    new OA\Property(property: 'landing', description: 'Where the shopper lands afterwards; blank: as the shop has it.', type: 'string'),
    new OA\Property(property: 'country', description: 'Where the bill of the proof is for, ISO 3166-1.', type: 'string'),
])]
#[OA\Schema(schema: 'PlacementEntry', required: ['page', 'medium', 'label', 'caption'], properties: [
    new OA\Property(property: 'page', description: 'What the seller calls the place.', type: 'string'),
    new OA\Property(property: 'medium', ref: '#/components/schemas/MediumKey'),
    new OA\Property(property: 'label', description: 'For the results; blank: none.', type: 'string'),
    new OA\Property(property: 'caption', description: 'Blank: as the offer says.', type: 'string'),
    new OA\Property(property: 'is_paused', type: 'boolean'),
])]
#[OA\Schema(schema: 'CopiedEntry', required: ['digest'], properties: [
    new OA\Property(property: 'digest', description: 'SHA-256 of what was copied, in hexadecimal digits.', type: 'string'),
])]
#[OA\Schema(schema: 'PriceTableEntry', required: ['name', 'offers', 'stressed'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'offers', description: 'Two to four, from the first column to the last.', type: 'array', items: new OA\Items(type: 'integer')),
    new OA\Property(property: 'stressed', description: 'The offer whose column stands out; null: none.', type: 'integer', nullable: true),
])]
final class OfferEntries {}
