<?php

declare(strict_types=1);

namespace App\Http\Console\Looks;

use OpenApi\Attributes as OA;

/** What is sent about a look. */
#[OA\Schema(schema: 'LookEntry', description: 'As typed; lengths are in px.', required: ['name', 'fill', 'ink', 'border', 'border_width', 'corner', 'cross_corner', 'shadow', 'padding_block', 'padding_inline', 'font', 'font_size', 'is_bold', 'icon', 'icon_side', 'icon_gap', 'width', 'width_percent', 'alignment', 'follows_page', 'classes', 'picture_id', 'picture_path', 'picture_text', 'picture_side', 'picture_size', 'picture_unit'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'fill', description: 'Six hexadecimal digits, as are all colours.', type: 'string'),
    new OA\Property(property: 'ink', type: 'string'),
    new OA\Property(property: 'border', type: 'string'),
    new OA\Property(property: 'border_width', type: 'string'),
    new OA\Property(property: 'corner', type: 'string'),
    new OA\Property(property: 'cross_corner', type: 'string'),
    new OA\Property(property: 'shadow', ref: '#/components/schemas/Shadow'),
    new OA\Property(property: 'padding_block', type: 'string'),
    new OA\Property(property: 'padding_inline', type: 'string'),
    new OA\Property(property: 'font', ref: '#/components/schemas/Font'),
    new OA\Property(property: 'font_size', type: 'string'),
    new OA\Property(property: 'is_bold', type: 'boolean'),
    new OA\Property(property: 'icon', ref: '#/components/schemas/Icon'),
    new OA\Property(property: 'icon_side', ref: '#/components/schemas/Side'),
    new OA\Property(property: 'icon_gap', type: 'string'),
    new OA\Property(property: 'width', ref: '#/components/schemas/Width'),
    new OA\Property(property: 'width_percent', type: 'string'),
    new OA\Property(property: 'alignment', ref: '#/components/schemas/Side'),
    new OA\Property(property: 'follows_page', type: 'boolean'),
    new OA\Property(property: 'classes', description: 'Names of the seller’s own, with spaces between them.', type: 'string'),
    new OA\Property(property: 'picture_id', description: 'An uploaded picture in place of a drawn button; null: none, or the one that is there already.', type: 'integer', nullable: true),
    new OA\Property(property: 'picture_path', description: 'Of the picture that is there already; blank: none.', type: 'string'),
    new OA\Property(property: 'picture_text', type: 'string'),
    new OA\Property(property: 'picture_side', type: 'string', enum: ['width', 'height']),
    new OA\Property(property: 'picture_size', type: 'string'),
    new OA\Property(property: 'picture_unit', type: 'string', enum: ['px', '%']),
])]
final class LookEntries {}
