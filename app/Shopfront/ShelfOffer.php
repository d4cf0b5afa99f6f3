<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Models\Offer;
use App\Models\OfferLine;
use App\Models\Product;
use App\Models\Shelf;
use App\Models\Shop;
use Illuminate\Database\Eloquent\Collection;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Offer\StateWords;
use PaperKite\Shopfront\Surface;

/** What a shelf sells of a product: an offer that nobody has written, and nobody saves. */
final class ShelfOffer
{
    /** How many can be had at once where all about it is shown. */
    private const MOST = 99;

    /**
     * @param  Product  $product  with its variants
     * @param  bool  $asksHowMany  whether the shopper says how many
     */
    public static function of(Product $product, Shelf $shelf, Shop $shop, bool $asksHowMany): Offer
    {
        $button = GoodsButton::of($shop, $product, Surface::List, Onwards::Cart);
        $say = $shop->wording();
        $asks = $asksHowMany && ! $product->kind->isMoneyItself() && ! $product->kind->isElsewhere();
        $offer = (new Offer)->forceFill([
            'id' => 0, 'shop_id' => $shop->id, 'state' => OfferState::Live, 'destination' => $shelf->onwards, 'cart_use' => CartUse::WithCart, 'opening' => Opening::SameTab,
            'ask_label' => $asks ? $say->say('product.how_many') : null, 'ask_least' => $asks ? 1 : null, 'ask_most' => $asks ? self::MOST : null,
            'caption' => $product->kind->isElsewhere() ? PartnerTag::of($product, null, $shop, null)->caption : $button->caption,
            'words' => StateWords::of([ButtonState::Working->value => $button->working, ButtonState::Added->value => $button->added]), 'landing' => null, 'page' => null, 'look_id' => null,
        ]);
        $line = (new OfferLine)->forceFill(['id' => 0, 'offer_id' => 0, 'position' => 0, 'product_id' => $product->id, 'variant_id' => null, 'quantity' => 1, 'terms' => 'once', 'amount_minor' => null]);

        return $offer->setRelation('shop', $shop)->setRelation('lines', new Collection([$line->setRelation('product', $product)->setRelation('variant', null)]));
    }
}
