<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\DisplayPlacement;
use App\Models\Placement;
use App\Models\Shop;

/** Displays with what they show: all price tables in as many reads as one of them. */
final readonly class ReadDisplays
{
    public function __construct(private ReadPlacements $placements) {}

    /**
     * @param  list<string>  $codes
     * @return list<DisplayPlacement> of this shop, by code
     */
    public function __invoke(Shop $shop, array $codes): array
    {
        return $codes === [] ? [] : array_values($shop->displayPlacements()->whereIn('code', $codes)->orderBy('code')->with(['priceTable', 'shelf'])->get()->all());
    }

    /**
     * @param  list<DisplayPlacement>  $displays
     * @return list<ReadTable> of those that are price tables
     */
    public function tables(Shop $shop, array $displays): array
    {
        $ids = array_values(array_unique(array_filter(array_map(static fn (DisplayPlacement $display): ?int => $display->whole_table_id, $displays))));
        $columns = $this->placements->columns($shop, $ids);
        $tables = [];
        foreach ($displays as $display) {
            if ($display->priceTable !== null) {
                // A table may stand on a page twice: each of its columns is clicked in one of them.
                $tables[] = new ReadTable($display, $display->priceTable, array_map(static fn (Placement $column): Placement => $column->clickedIn($display), $columns[$display->priceTable->id] ?? []));
            }
        }

        return $tables;
    }
}
