<?php

declare(strict_types=1);

namespace App\Embed;

use App\Looks\LookBook;
use App\Models\Placement;

/** The looks of the widgets of one answer, each worked out once for all that wear it. */
final class WornLooks
{
    /** @var array<string, WidgetLook> by look and width */
    private array $worn = [];

    /** @param  string  $base  the shop's origin */
    public function __construct(
        private readonly LookBook $looks,
        private readonly string $base,
    ) {}

    /** @param  Placement  $placement  with its offer */
    public function of(Placement $placement): WidgetLook
    {
        $look = $this->looks->at($placement, $placement->offer);
        $key = "{$look->id} {$placement->width?->value} {$placement->width_percent}";

        return $this->worn[$key] ??= WidgetLook::of($look, $this->looks->worn($placement, $placement->offer), $this->base);
    }

    /** Of what names none. */
    public function usual(): WidgetLook
    {
        $look = $this->looks->usual();

        return $this->worn["{$look->id}  "] ??= WidgetLook::of($look, $look->values, $this->base);
    }
}
