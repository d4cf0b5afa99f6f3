<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\DisplayPlacement;
use App\Models\Placement;
use App\Models\Shop;

/** Displays with the placements that they show, in as many reads as for one of them. */
final readonly class ReadDisplays
{
    public function __construct(private ReadPlacements $placements) {}

    /**
     * @param  list<string>  $codes
     * @return list<ReadTable> of this shop, by code
     */
    public function __invoke(Shop $shop, array $codes): array
    {
        $displays = $codes === [] ? [] : array_values($shop->displayPlacements()->whereIn('code', $codes)->orderBy('code')->with('priceTable')->get()->all());
        $columns = $this->placements->columns($shop, array_values(array_unique(array_map(static fn (DisplayPlacement $display): int => $display->whole_table_id, $displays))));

        return array_map(static fn (DisplayPlacement $display): ReadTable => new ReadTable($display, array_map(
            // A table may stand on a page twice: each of its columns is clicked in one of them.
            static fn (Placement $column): Placement => $column->clickedIn($display),
            $columns[$display->whole_table_id] ?? [],
        )), $displays);
    }
}
