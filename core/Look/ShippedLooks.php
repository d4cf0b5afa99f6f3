<?php

declare(strict_types=1);

namespace PaperKite\Look;

/** The looks that every shop begins with. */
final class ShippedLooks
{
    /** @return non-empty-array<string, Look> by name; the first is the one that is used where nobody chose */
    public static function all(): array
    {
        return [
            'Kite silk' => self::look('#b92b4f', '#ffffff', corners: [4, 15]),
            'Deep water' => self::look('#1e5a70', '#f1f8fa', corners: [22, 22], paddingInline: 26, icon: Icon::Line),
            'Luggage tag' => self::look('#fffdf6', '#3b2f24', border: '#8a6f4d', borderWidth: 2, corners: [2, 14], font: Font::Serif),
            'Moss' => self::look('#2f5d4e', '#ffffff', corners: [10, 2], icon: Icon::Leaf, shadow: Shadow::Edge),
            'As the page' => self::look('#ffffff', '#18222d', border: '#18222d', borderWidth: 1, corners: [3, 3], font: Font::Host, followsPage: true),
        ];
    }

    /** @param  array{int, int}  $corners */
    private static function look(string $fill, string $ink, ?string $border = null, int $borderWidth = 0, array $corners = [0, 0], int $paddingInline = 22, Font $font = Font::Plain, Icon $icon = Icon::None, Shadow $shadow = Shadow::None, bool $followsPage = false): Look
    {
        return new Look(
            fill: Colour::read($fill, 'The fill'), ink: Colour::read($ink, 'The ink'), border: Colour::read($border ?? $fill, 'The border'), borderWidth: $borderWidth, corner: $corners[0], crossCorner: $corners[1], shadow: $shadow, paddingBlock: 12, paddingInline: $paddingInline,
            font: $font, fontSize: 16, isBold: true, icon: $icon, iconSide: Side::Start, iconGap: 8, width: Width::Own, widthPercent: 50, alignment: Side::Middle, followsPage: $followsPage,
        );
    }
}
