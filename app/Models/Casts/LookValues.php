<?php

declare(strict_types=1);

namespace App\Models\Casts;

use PaperKite\Look\ButtonPicture;
use PaperKite\Look\Colour;
use PaperKite\Look\Font;
use PaperKite\Look\Icon;
use PaperKite\Look\Look;
use PaperKite\Look\Shadow;
use PaperKite\Look\Side;
use PaperKite\Look\Width;

/** A look as the JSON document that its column keeps. */
final class LookValues
{
    public static function json(Look $look): string
    {
        $picture = $look->picture;

        return json_encode([
            'fill' => $look->fill->hex(), 'ink' => $look->ink->hex(), 'border' => $look->border->hex(), 'borderWidth' => $look->borderWidth,
            'corner' => $look->corner, 'crossCorner' => $look->crossCorner, 'shadow' => $look->shadow->value,
            'paddingBlock' => $look->paddingBlock, 'paddingInline' => $look->paddingInline,
            'font' => $look->font->value, 'fontSize' => $look->fontSize, 'isBold' => $look->isBold,
            'icon' => $look->icon->value, 'iconSide' => $look->iconSide->value, 'iconGap' => $look->iconGap,
            'width' => $look->width->value, 'widthPercent' => $look->widthPercent, 'alignment' => $look->alignment->value,
            'followsPage' => $look->followsPage, 'classes' => $look->classes,
            'picture' => $picture === null ? null : [
                'path' => $picture->path, 'text' => $picture->text, 'givesWidth' => $picture->givesWidth, 'size' => $picture->size,
                'isPercent' => $picture->isPercent, 'ownWidth' => $picture->ownWidth, 'ownHeight' => $picture->ownHeight,
            ],
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    public static function look(string $json): Look
    {
        /** @var array{fill: string, ink: string, border: string, borderWidth: int, corner: int, crossCorner: int, shadow: string, paddingBlock: int, paddingInline: int, font: string, fontSize: int, isBold: bool, icon: string, iconSide: string, iconGap: int, width: string, widthPercent: int, alignment: string, followsPage: bool, classes: list<string>, picture: array{path: string, text: string, givesWidth: bool, size: int, isPercent: bool, ownWidth: int, ownHeight: int}|null} $kept */
        $kept = json_decode($json, true, flags: JSON_THROW_ON_ERROR);

        return new Look(
            Colour::read($kept['fill'], 'The fill'),
            Colour::read($kept['ink'], 'The ink'),
            Colour::read($kept['border'], 'The border'),
            $kept['borderWidth'],
            $kept['corner'],
            $kept['crossCorner'],
            Shadow::from($kept['shadow']),
            $kept['paddingBlock'],
            $kept['paddingInline'],
            Font::from($kept['font']),
            $kept['fontSize'],
            $kept['isBold'],
            Icon::from($kept['icon']),
            Side::from($kept['iconSide']),
            $kept['iconGap'],
            Width::from($kept['width']),
            $kept['widthPercent'],
            Side::from($kept['alignment']),
            $kept['followsPage'],
            $kept['classes'],
            $kept['picture'] === null ? null : new ButtonPicture(...$kept['picture']),
        );
    }
}
