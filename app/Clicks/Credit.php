<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Models\DisplayPlacement;
use App\Models\Placement;
use App\Results\Source;

/** To what a click on a page of the shop is credited, as the page's address says. */
final readonly class Credit
{
    private function __construct(
        public Source $source,
        /** Of the placement that led to the page; blank: none did. */
        public string $code,
        /** Where the shopper lands after paying; `null`: as the shop says. */
        public ?string $back,
        /** Whether a second click within seconds is the same click: there was one thing to click on. */
        public bool $isOneClick,
    ) {}

    public static function none(): self
    {
        return new self(Source::of(null), '', null, false);
    }

    /** @param  Placement  $placement  with its offer */
    public static function toPlacement(Placement $placement): self
    {
        return new self(Source::of($placement), $placement->code, $placement->offer->landing, true);
    }

    /** @param  Placement|null  $column  with its offer: what was clicked in the display */
    public static function toDisplay(DisplayPlacement $display, ?Placement $column): self
    {
        if ($column === null) {
            return new self(Source::ofDisplay($display), $display->code, null, false);
        }

        return new self(Source::of($column->clickedIn($display)), $display->code, $column->offer->landing, false);
    }
}
