<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\Look;

/** What widgets wear, worked out once for all that wear the same. */
final readonly class WidgetLook
{
    private function __construct(
        public string $css,
        public bool $followsPage,
        public ?WidgetIcon $icon,
        public ?WidgetPicture $picture,
    ) {}

    /** @param  string  $base  the shop's origin */
    public static function of(Look $look, string $base): self
    {
        $values = $look->values;

        return new self($look->sheet(), $values->followsPage, WidgetIcon::of($values), WidgetPicture::of($values, $base));
    }
}
