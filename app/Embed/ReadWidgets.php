<?php

declare(strict_types=1);

namespace App\Embed;

use App\Looks\ReadLooks;
use App\Models\Placement;
use App\Models\Shop;
use PaperKite\Time\Moment;

/** What the widgets of a page show. */
final readonly class ReadWidgets
{
    public function __construct(
        private ReadPlacements $placements,
        private ReadLooks $looks,
    ) {}

    /** @param  list<string>  $codes  of a place that there is not, or not yet, or no more, nothing is told: its link says it */
    public function __invoke(Shop $shop, array $codes, Moment $at): Widgets
    {
        $placements = ($this->placements)($shop, $codes);
        $looks = ($this->looks)($shop);
        $changes = null;
        foreach ($placements as $placement) {
            foreach ($placement->offer->lines as $line) {
                $next = $line->product->nextChange($at);
                $changes = $next !== null && ($changes === null || $next->isBefore($changes)) ? $next : $changes;
            }
        }

        $worn = [];

        return new Widgets(
            array_map(static function (Placement $placement) use ($shop, $looks, $at, &$worn): WidgetData {
                $look = $looks->at($placement, $placement->offer);
                $key = "{$look->id} {$placement->width?->value} {$placement->width_percent}";

                return WidgetData::of($placement, $shop, $worn[$key] ??= WidgetLook::of($look, $looks->worn($placement, $placement->offer), $shop->base()), $at);
            }, $placements),
            WidgetWords::of($shop),
            $changes,
        );
    }
}
