<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\DisplayPlacement;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shelf;
use App\Models\Shop;
use App\Shopfront\ShelfOffer;
use PaperKite\Medium\WidgetForm;

/** A shelf in one place, on which each product stands as if it were placed there by itself. */
final readonly class ShelfPlace
{
    public function __construct(
        public DisplayPlacement $display,
        public Shelf $shelf,
    ) {}

    /**
     * @param  Product  $product  with its variants and addresses
     * @param  bool  $asksHowMany  whether the shopper says how many
     * @return Placement that nobody saves
     */
    public function item(Product $product, Shop $shop, bool $asksHowMany): Placement
    {
        $item = (new Placement)->forceFill([
            'id' => $this->display->id, 'shop_id' => $shop->id, 'offer_id' => 0, 'code' => $this->display->code, 'page' => '', 'form' => WidgetForm::Picture, 'caption' => null,
            'look_id' => null, 'width' => null, 'width_percent' => null, 'paused_at' => $this->display->paused_at,
        ])->setRelation('offer', ShelfOffer::of($product, $this->shelf, $shop, $asksHowMany))->setRelation('shop', $shop);
        $item->within = $this->display;
        $item->item = $product;

        return $item;
    }
}
