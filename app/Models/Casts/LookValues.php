<?php

declare(strict_types=1);

namespace App\Models\Casts;

use PaperKite\Look\ButtonPicture;
use PaperKite\Look\Colour;
use PaperKite\Look\Font;
use PaperKite\Look\Icon;
use PaperKite\Look\IconPicture;
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
            'place' => $look->place->value, 'followsPage' => $look->followsPage, 'classes' => $look->classes,
            'iconPicture' => $look->iconPicture === null ? null : get_object_vars($look->iconPicture),
            'picture' => $picture === null ? null : [
                'path' => $picture->path, 'text' => $picture->text, 'givesWidth' => $picture->givesWidth, 'size' => $picture->size,
                'isPercent' => $picture->isPercent, 'ownWidth' => $picture->ownWidth, 'ownHeight' => $picture->ownHeight,
            ],
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    public static function look(string $json): Look
    {
        /** @var array{fill: string, ink: string, border: string, borderWidth: int, corner: int, crossCorner: int, shadow: string, paddingBlock: int, paddingInline: int, font: string, fontSize: int, isBold: bool, icon: string, iconSide: string, iconGap: int, width: string, widthPercent: int, alignment: string, place: string, followsPage: bool, classes: list<string>, iconPicture: array{path: string, ownWidth: int, ownHeight: int}|null, picture: array{path: string, text: string, givesWidth: bool, size: int, isPercent: bool, ownWidth: int, ownHeight: int}|null} $kept */
        $kept = json_decode($json, true, flags: JSON_THROW_ON_ERROR);

        return new Look(
            fill: Colour::read($kept['fill'], 'The fill'),
            ink: Colour::read($kept['ink'], 'The ink'),
            border: Colour::read($kept['border'], 'The border'),
            borderWidth: $kept['borderWidth'],
            corner: $kept['corner'],
            crossCorner: $kept['crossCorner'],
            shadow: Shadow::from($kept['shadow']),
            paddingBlock: $kept['paddingBlock'],
            paddingInline: $kept['paddingInline'],
            font: Font::from($kept['font']),
            fontSize: $kept['fontSize'],
            isBold: $kept['isBold'],
            icon: Icon::from($kept['icon']),
            iconSide: Side::from($kept['iconSide']),
            iconGap: $kept['iconGap'],
            width: Width::from($kept['width']),
            widthPercent: $kept['widthPercent'],
            alignment: Side::from($kept['alignment']),
            followsPage: $kept['followsPage'],
            classes: $kept['classes'],
            place: Side::from($kept['place']),
            iconPicture: $kept['iconPicture'] === null ? null : new IconPicture(...$kept['iconPicture']),
            picture: $kept['picture'] === null ? null : new ButtonPicture(...$kept['picture']),
        );
    }
}
