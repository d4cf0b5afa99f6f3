<?php

declare(strict_types=1);

namespace App\Http\Embed;

use App\Clicks\FindDisplay;
use App\Embed\ShelfPlace;
use App\Models\Placement;
use App\Models\Shop;
use App\Shopfront\ShelfGoods;
use PaperKite\Link\PlacementCode;

/** An item of a shelf, as if it were placed there by itself. */
final readonly class FindShelfItem
{
    public function __construct(
        private FindDisplay $displays,
        private ShelfGoods $goods,
    ) {}

    /** @return Placement|null `null` where the shelf is not there, rests, or does not hold it */
    public function item(Shop $shop, PlacementCode $code, string $sku, bool $asksHowMany): ?Placement
    {
        $display = $this->displays->at($shop, $code);
        if ($display?->shelf === null || $display->deleted_at !== null || $display->paused_at !== null) {
            return null;
        }
        $product = $this->goods->find($shop, $display->shelf, $sku);

        return $product === null ? null : (new ShelfPlace($display, $display->shelf))->item($product, $shop, $asksHowMany);
    }
}
