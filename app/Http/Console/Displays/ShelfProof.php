<?php

declare(strict_types=1);

namespace App\Http\Console\Displays;

use App\Embed\WidgetShelf;
use App\Embed\WornLooks;
use App\Looks\ReadLooks;
use App\Models\DisplayPlacement;
use App\Models\Product;
use App\Models\Shelf;
use App\Models\Shop;
use App\Shopfront\ShelfGoods;
use App\Time\Clock;
use Illuminate\Pagination\LengthAwarePaginator;
use PaperKite\Link\PlacementCode;
use PaperKite\Shopfront\ShelfInput;
use Random\Randomizer;

/** What the widget of a shelf shows, of one that may not be saved. */
final readonly class ShelfProof
{
    public function __construct(
        private ShelfGoods $goods,
        private ReadLooks $looks,
        private Clock $clock,
    ) {}

    public function __invoke(ShelfInput $entry, Shop $shop): WidgetShelf
    {
        $category = $entry->category === '' ? null : $shop->categories()->where('name', $entry->category)->first();
        $shelf = (new Shelf)->forceFill(['id' => 0, 'shop_id' => $shop->id, 'name' => $entry->name, 'density' => $entry->density, 'onwards' => $entry->onwards, 'category_id' => $category?->id]);
        $display = (new DisplayPlacement)->forceFill(['id' => 0, 'shop_id' => $shop->id, 'code' => PlacementCode::random(new Randomizer)->text, 'paused_at' => null])->setRelation('priceTable', null)->setRelation('shelf', $shelf);
        $goods = $category === null ? $this->picked($entry, $shop) : $this->goods->page($shop, $shelf, 1);

        return WidgetShelf::of($display, $shelf, $goods, $shop, (new WornLooks(($this->looks)($shop), $shop->base()))->usual(), $this->clock->moment());
    }

    /** @return LengthAwarePaginator<int, Product> in the order in which they were picked */
    private function picked(ShelfInput $entry, Shop $shop): LengthAwarePaginator
    {
        $ids = array_slice($entry->products, 0, ShelfInput::MOST);
        $there = Product::forSale($shop)->whereKey($ids)->with(ShelfGoods::WITH)->get()->sortBy(static fn (Product $product): int => (int) array_search($product->id, $ids, true))->values();

        return new LengthAwarePaginator($there->forPage(1, $entry->density->perPage()), $there->count(), $entry->density->perPage(), 1);
    }
}
