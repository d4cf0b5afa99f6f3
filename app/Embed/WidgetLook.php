<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\Look;
use PaperKite\Look\Look as CoreLook;
use PaperKite\Medium\ButtonStyle;
use PaperKite\Medium\Markup;

/** What widgets wear, worked out once for all that wear the same. */
final readonly class WidgetLook
{
    private function __construct(
        public string $css,
        public bool $followsPage,
        public ?WidgetIcon $icon,
        public ?WidgetPicture $picture,
    ) {}

    /**
     * @param  CoreLook  $worn  the look as it is worn here, which may have a width of its own
     * @param  string  $base  the shop's origin
     */
    public static function of(Look $look, CoreLook $worn, string $base): self
    {
        return new self(self::css($look, $worn), $worn->followsPage, WidgetIcon::of($worn, $base), WidgetPicture::of($worn, $base));
    }

    private static function css(Look $look, CoreLook $worn): string
    {
        $style = new ButtonStyle($worn);
        $room = Markup::style($style->room());
        $button = match (true) {
            $worn->picture !== null => ".image{{$room}}",
            $worn->width === $look->values->width && $worn->widthPercent === $look->values->widthPercent => $look->sheet(),
            default => $look->sheet().Look::SHEET_FOR."{{$room}}",
        };

        return $style->takesAllRoom() ? "{$button}:host,.kite{display:block}" : $button;
    }
}
