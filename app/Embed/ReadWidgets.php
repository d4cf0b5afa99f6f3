<?php

declare(strict_types=1);

namespace App\Embed;

use App\Looks\ReadLooks;
use App\Models\Placement;
use App\Models\Shop;
use PaperKite\Medium\WidgetForm;
use PaperKite\Time\Moment;

/** What the widgets of a page show. */
final readonly class ReadWidgets
{
    public function __construct(
        private ReadPlacements $placements,
        private ReadDisplays $displays,
        private ReadStories $stories,
        private ReadLooks $looks,
    ) {}

    /**
     * @param  list<string>  $codes  of a place that there is not, or not yet, or no more, nothing is told: its link says it
     * @param  bool  $areWhole  whether all about their goods is told, whatever their form
     */
    public function __invoke(Shop $shop, array $codes, Moment $at, bool $areWhole = false): Widgets
    {
        $placements = ($this->placements)($shop, $codes);
        $left = array_values(array_diff($codes, array_map(static fn (Placement $placement): string => $placement->code, $placements)));
        $tables = ($this->displays)($shop, $left);
        ($this->stories)(array_values(array_filter($placements, static fn (Placement $placement): bool => $areWhole || $placement->form === WidgetForm::Story)));
        $worn = new WornLooks(($this->looks)($shop), $shop->base());

        return new Widgets(
            array_map(static fn (Placement $placement): WidgetData => WidgetData::of($placement, $shop, $worn->of($placement), $at, $areWhole), $placements),
            array_map(static fn (ReadTable $table): WidgetTable => WidgetTable::read($table, $shop, $worn, $at), $tables),
            WidgetWords::of($shop),
            self::nextChange(array_merge($placements, ...array_map(static fn (ReadTable $table): array => $table->columns, $tables)), $at),
        );
    }

    /** @param  list<Placement>  $placements */
    private static function nextChange(array $placements, Moment $at): ?Moment
    {
        $changes = null;
        foreach ($placements as $placement) {
            foreach ($placement->offer->lines as $line) {
                $next = $line->product->nextChange($at);
                $changes = $next !== null && ($changes === null || $next->isBefore($changes)) ? $next : $changes;
            }
        }

        return $changes;
    }
}
