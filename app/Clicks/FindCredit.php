<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Models\DisplayPlacement;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Database\Eloquent\Builder;
use PaperKite\Link\PlacementCode;

/** What led to a product's page, as its address says, so that what follows can be credited to it. */
final readonly class FindCredit
{
    public function __invoke(Shop $shop, string $code, Product $product): Credit
    {
        $read = PlacementCode::read($code);
        if ($read === null) {
            return Credit::none();
        }
        $placement = $this->selling($product, $shop)->where('code', $read->text)->first();

        return $placement === null ? $this->display($shop, $read, $product) : Credit::toPlacement($placement);
    }

    private function display(Shop $shop, PlacementCode $code, Product $product): Credit
    {
        $display = DisplayPlacement::query()->where(['shop_id' => $shop->id, 'code' => $code->text])->with('shelf')->first();
        if ($display?->shelf !== null) {
            return $display->shelf->goods($shop)->whereKey($product->id)->exists() ? Credit::toDisplay($display, null) : Credit::none();
        }
        $column = $display === null ? null : $this->selling($product, $shop)->where('price_table_id', $display->whole_table_id)->orderBy('table_position')->first();

        return $display === null || $column === null ? Credit::none() : Credit::toDisplay($display, $column);
    }

    /** @return Builder<Placement> */
    private function selling(Product $product, Shop $shop): Builder
    {
        return Placement::query()->where('shop_id', $shop->id)->whereRelation('offer.lines', 'product_id', $product->id)->with('offer');
    }
}
