<?php

declare(strict_types=1);

namespace PaperKite\Look;

/** What WCAG 2.2 finds hard in a look. */
final class LookCheck
{
    /** WCAG 2.2, 2.5.8: the least size of a target, in CSS px. */
    public const TARGET = 24;

    private const PAGE = '#ffffff';

    /** @return list<LookDoubt> */
    public static function of(Look $look): array
    {
        return [...($look->followsPage || $look->picture !== null ? [] : [...self::text($look), ...self::edge($look)]), ...self::target($look)];
    }

    /** @return list<LookDoubt> */
    private static function text(Look $look): array
    {
        $ratio = Contrast::ratio($look->ink, $look->fill);
        if ($ratio >= Contrast::TEXT) {
            return [];
        }
        $nearest = Contrast::nearest($look->ink, Contrast::TEXT, $look->fill)->hex();
        $shown = Contrast::shown($ratio);

        return [new LookDoubt('ink', "The words stand out {$shown} to 1 from the button, and 4.5 to 1 is needed; the nearest colour that passes is {$nearest}.", $nearest)];
    }

    /** @return list<LookDoubt> a button whose fill melts into the page needs an edge that doesn't */
    private static function edge(Look $look): array
    {
        $page = Colour::read(self::PAGE, 'The page');
        $edge = $look->borderWidth > 0 ? max(Contrast::ratio($look->border, $page), Contrast::ratio($look->fill, $page)) : Contrast::ratio($look->fill, $page);
        if ($edge >= Contrast::EDGE) {
            return [];
        }
        $nearest = Contrast::nearest($look->border, Contrast::EDGE, $page)->hex();
        $remedy = $look->borderWidth > 0 ? "the nearest colour for its border that passes is {$nearest}" : "give it a border, for instance in {$nearest}";

        return [new LookDoubt('border', 'The button stands out '.Contrast::shown($edge)." to 1 from a white page, and 3 to 1 is needed; {$remedy}.", $nearest)];
    }

    /** @return list<LookDoubt> */
    private static function target(Look $look): array
    {
        $size = $look->picture === null ? $look->height() : $look->picture->smallerSide();
        if ($size === null || $size >= self::TARGET) {
            return [];
        }

        return [new LookDoubt($look->picture === null ? 'padding_block' : 'picture', "The button is {$size} px high or wide, too small to hit with a thumb; make it ".self::TARGET.' px at least.')];
    }
}
