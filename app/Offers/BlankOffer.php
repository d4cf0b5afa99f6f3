<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\Offer;
use App\Models\OfferLine;
use App\Models\Product;
use App\Models\Shop;
use App\Shopfront\ShopfrontGoods;
use Illuminate\Database\Eloquent\Collection;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Offer\StateWords;

/** What a new offer begins with: one piece of something that can be had now, straight to paying. */
final readonly class BlankOffer
{
    public function __construct(private ShopfrontGoods $goods) {}

    /**
     * @param  int  $wanted  the product that it is to sell; where it is none of the shop's, one that can be had now
     * @return Offer|null not saved; `null` where the shop has no product
     */
    public function __invoke(Shop $shop, int $wanted): ?Offer
    {
        $product = Product::query()->where('shop_id', $shop->id)->find($wanted) ?? $this->goods->available($shop, 1)->first() ?? Product::query()->where('shop_id', $shop->id)->orderBy('name')->orderBy('id')->first();
        if ($product === null) {
            return null;
        }
        $line = (new OfferLine)->forceFill(['product_id' => $product->id, 'quantity' => 1])->setRelation('variant', null);

        return (new Offer)
            ->forceFill(['destination' => Onwards::Pay, 'cart_use' => CartUse::JustThis, 'opening' => Opening::SameTab, 'words' => StateWords::none()])
            ->setRelation('lines', new Collection([$line]));
    }
}
