<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Models\DisplayPlacement;
use App\Models\Placement;
use App\Models\PriceTable;
use App\Models\Shop;
use PaperKite\Link\PlacementCode;

/** Finds a display by its code, or as that in which something was clicked. */
final class FindDisplay
{
    /** @return DisplayPlacement|null with its shop and all that it shows; `null` where this shop has none by this code */
    public function at(Shop $shop, PlacementCode $code): ?DisplayPlacement
    {
        $with = array_map(static fn (string $relation): string => "priceTable.{$relation}", PriceTable::TOLD_WITH);

        return DisplayPlacement::withDeleted()->where(['shop_id' => $shop->id, 'code' => $code->text])->with([...$with, 'shelf'])->first()?->setRelation('shop', $shop);
    }

    /** Notes in which display a placement was clicked, where that shows it: an address may say anything. */
    public function around(Placement $placement, string $code): void
    {
        $read = $placement->price_table_id === null ? null : PlacementCode::read($code);
        $placement->within = $read === null ? null : DisplayPlacement::query()
            ->where(['shop_id' => $placement->shop_id, 'code' => $read->text, 'whole_table_id' => $placement->price_table_id])
            ->first();
    }
}
