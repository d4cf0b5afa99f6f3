<?php

declare(strict_types=1);

namespace App\Embed;

use App\Looks\ReadLooks;
use App\Models\DisplayPlacement;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shelf;
use App\Models\Shop;
use App\Shopfront\ShelfGoods;
use Illuminate\Pagination\LengthAwarePaginator;
use PaperKite\Medium\WidgetForm;
use PaperKite\Time\Moment;

/** What the widgets of a page show. */
final readonly class ReadWidgets
{
    public function __construct(
        private ReadPlacements $placements,
        private ReadDisplays $displays,
        private ReadStories $stories,
        private ShelfGoods $goods,
        private ReadLooks $looks,
    ) {}

    /** @param  list<string>  $codes  of a place that there is not, or not yet, or no more, nothing is told: its link says it */
    public function __invoke(Shop $shop, array $codes, WidgetsAsked $asked, Moment $at): Widgets
    {
        $placements = ($this->placements)($shop, $codes);
        $displays = ($this->displays)($shop, array_values(array_diff($codes, array_map(static fn (Placement $placement): string => $placement->code, $placements))));
        if ($asked->item !== '') {
            $placements = $this->item($shop, $displays, $asked->item);
            $displays = [];
        }
        $tables = $this->displays->tables($shop, $displays);
        $shelves = $this->shelves($shop, $displays, $asked->page);
        ($this->stories)(array_values(array_filter($placements, static fn (Placement $placement): bool => $asked->areWhole || $placement->form === WidgetForm::Story)));
        $worn = new WornLooks(($this->looks)($shop), $shop->base());

        return new Widgets(
            array_map(static fn (Placement $placement): WidgetData => WidgetData::of($placement, $shop, $worn->of($placement), $at, $asked->areWhole), $placements),
            array_map(static fn (ReadTable $table): WidgetTable => WidgetTable::read($table, $shop, $worn, $at), $tables),
            array_map(static fn (array $each): WidgetShelf => WidgetShelf::of($each[0], $each[1], $each[2], $shop, $worn->usual(), $at), $shelves),
            WidgetWords::of($shop),
            NextChange::of([
                ...NextChange::soldBy(array_merge($placements, ...array_map(static fn (ReadTable $table): array => $table->columns, $tables))),
                ...array_merge(...array_map(static fn (array $each): array => array_values($each[2]->items()), $shelves)),
            ], $at),
        );
    }

    /**
     * @param  list<DisplayPlacement>  $displays
     * @return list<array{DisplayPlacement, Shelf, LengthAwarePaginator<int, Product>}>
     */
    private function shelves(Shop $shop, array $displays, int $page): array
    {
        $shelves = [];
        foreach ($displays as $display) {
            if ($display->shelf !== null) {
                $shelves[] = [$display, $display->shelf, $this->goods->page($shop, $display->shelf, $page)];
            }
        }

        return $shelves;
    }

    /**
     * @param  list<DisplayPlacement>  $displays
     * @return list<Placement> the item of a shelf; none where it does not stand there
     */
    private function item(Shop $shop, array $displays, string $sku): array
    {
        $display = $displays[0] ?? null;
        $product = $display?->shelf === null ? null : $this->goods->find($shop, $display->shelf, $sku);

        return $display?->shelf === null || $product === null ? [] : [(new ShelfPlace($display, $display->shelf))->item($product, $shop, true)];
    }
}
