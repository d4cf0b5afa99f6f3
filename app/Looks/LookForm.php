<?php

declare(strict_types=1);

namespace App\Looks;

use OpenApi\Attributes as OA;
use PaperKite\Look\ButtonPicture;
use PaperKite\Look\Font;
use PaperKite\Look\Icon;
use PaperKite\Look\Look;
use PaperKite\Look\Shadow;
use PaperKite\Look\Side;
use PaperKite\Look\Width;

/** A look as its form holds it: the one place where a field of it is named for the console. `ReadLook` reads what comes back. */
#[OA\Schema(schema: 'LookEntry', description: 'As typed; lengths are in px.')]
final readonly class LookForm
{
    private const PICTURE_SIZE = 200;

    private function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'Six hexadecimal digits, as are all colours.')]
        public string $fill,
        #[OA\Property]
        public string $ink,
        #[OA\Property]
        public string $border,
        #[OA\Property]
        public string $border_width,
        #[OA\Property]
        public string $corner,
        #[OA\Property]
        public string $cross_corner,
        #[OA\Property(ref: '#/components/schemas/Shadow')]
        public Shadow $shadow,
        #[OA\Property]
        public string $padding_block,
        #[OA\Property]
        public string $padding_inline,
        #[OA\Property(ref: '#/components/schemas/Font')]
        public Font $font,
        #[OA\Property]
        public string $font_size,
        #[OA\Property]
        public bool $is_bold,
        #[OA\Property(ref: '#/components/schemas/Icon')]
        public Icon $icon,
        #[OA\Property(ref: '#/components/schemas/Side')]
        public Side $icon_side,
        #[OA\Property]
        public string $icon_gap,
        #[OA\Property(description: 'An uploaded picture in place of the icon; null: none, or the one that is there already.')]
        public ?int $icon_id,
        #[OA\Property(description: 'Of the picture that is there already; blank: none.')]
        public string $icon_path,
        #[OA\Property(ref: '#/components/schemas/Width')]
        public Width $width,
        #[OA\Property]
        public string $width_percent,
        #[OA\Property(ref: '#/components/schemas/Side')]
        public Side $alignment,
        #[OA\Property(ref: '#/components/schemas/Side', description: 'Where the button stands in the space that the page has for it.')]
        public Side $place,
        #[OA\Property]
        public bool $follows_page,
        #[OA\Property(description: 'Names of the seller’s own, with spaces between them.')]
        public string $classes,
        #[OA\Property(description: 'An uploaded picture in place of a drawn button; null: none, or the one that is there already.')]
        public ?int $picture_id,
        #[OA\Property(description: 'Of the picture that is there already; blank: none.')]
        public string $picture_path,
        #[OA\Property]
        public string $picture_text,
        #[OA\Property(enum: ['width', 'height'])]
        public string $picture_side,
        #[OA\Property]
        public string $picture_size,
        #[OA\Property(enum: ['px', '%'])]
        public string $picture_unit,
    ) {}

    public static function of(string $name, Look $look): self
    {
        return new self(
            ...self::picture($look->picture),
            name: $name,
            fill: $look->fill->hex(),
            ink: $look->ink->hex(),
            border: $look->border->hex(),
            border_width: (string) $look->borderWidth,
            corner: (string) $look->corner,
            cross_corner: (string) $look->crossCorner,
            shadow: $look->shadow,
            padding_block: (string) $look->paddingBlock,
            padding_inline: (string) $look->paddingInline,
            font: $look->font,
            font_size: (string) $look->fontSize,
            is_bold: $look->isBold,
            icon: $look->icon,
            icon_side: $look->iconSide,
            icon_gap: (string) $look->iconGap,
            icon_id: null,
            icon_path: $look->iconPicture->path ?? '',
            width: $look->width,
            width_percent: (string) $look->widthPercent,
            alignment: $look->alignment,
            place: $look->place,
            follows_page: $look->followsPage,
            classes: implode(' ', $look->classes),
        );
    }

    /** @return array{picture_id: null, picture_path: string, picture_text: string, picture_side: string, picture_size: string, picture_unit: string} */
    private static function picture(?ButtonPicture $picture): array
    {
        return [
            'picture_id' => null,
            'picture_path' => $picture->path ?? '',
            'picture_text' => $picture->text ?? '',
            'picture_side' => $picture === null || $picture->givesWidth ? 'width' : 'height',
            'picture_size' => (string) ($picture->size ?? self::PICTURE_SIZE),
            'picture_unit' => $picture?->isPercent === true ? '%' : 'px',
        ];
    }
}
