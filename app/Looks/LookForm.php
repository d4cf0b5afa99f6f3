<?php

declare(strict_types=1);

namespace App\Looks;

use PaperKite\Look\ButtonPicture;
use PaperKite\Look\Look;

/** A look as it stands in its form. */
final class LookForm
{
    /** @return array<string, mixed> in the form of the API's LookEntry */
    public static function of(string $name, Look $look): array
    {
        return [
            'name' => $name,
            'fill' => $look->fill->hex(),
            'ink' => $look->ink->hex(),
            'border' => $look->border->hex(),
            'border_width' => (string) $look->borderWidth,
            'corner' => (string) $look->corner,
            'cross_corner' => (string) $look->crossCorner,
            'shadow' => $look->shadow->value,
            'padding_block' => (string) $look->paddingBlock,
            'padding_inline' => (string) $look->paddingInline,
            'font' => $look->font->value,
            'font_size' => (string) $look->fontSize,
            'is_bold' => $look->isBold,
            'icon' => $look->icon->value,
            'icon_side' => $look->iconSide->value,
            'icon_gap' => (string) $look->iconGap,
            'width' => $look->width->value,
            'width_percent' => (string) $look->widthPercent,
            'alignment' => $look->alignment->value,
            'follows_page' => $look->followsPage,
            'classes' => implode(' ', $look->classes),
            ...self::picture($look->picture),
        ];
    }

    /** @return array<string, string|null> */
    private static function picture(?ButtonPicture $picture): array
    {
        return [
            'picture_id' => null,
            'picture_path' => $picture->path ?? '',
            'picture_text' => $picture->text ?? '',
            'picture_side' => $picture === null || $picture->givesWidth ? 'width' : 'height',
            'picture_size' => (string) ($picture->size ?? 200),
            'picture_unit' => $picture?->isPercent === true ? '%' : 'px',
        ];
    }
}
