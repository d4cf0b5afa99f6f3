<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Carts\Caller;
use App\Carts\CartOwner;
use App\Carts\FindCart;
use App\Carts\Goods;
use App\Carts\TooManyCarts;
use App\Models\Offer;
use App\Models\OfferLine;
use App\Models\Placement;
use App\Models\Shop;
use PaperKite\Offer\Step;

/** What a click on a live offer does: counts once, adds once, and leads on. */
final readonly class FollowPlacement
{
    public function __construct(
        private CountLedOn $count,
        private FollowStraight $straight,
        private FindCart $carts,
    ) {}

    /**
     * @return string the address that the shopper goes on to; it carries no instruction to add
     *
     * @throws TooManyCarts
     */
    public function __invoke(Placement $placement, CartOwner $owner, Caller $caller): string
    {
        $offer = $placement->offer;
        $way = $offer->way();
        if (! $way->addsAtOnce) {
            $this->countOnly($placement, $owner, $caller);

            return match ($way->first()) {
                Step::Product => $this->productPage($placement),
                Step::Offer => "/o/{$placement->code}".($placement->within === null ? '' : "?in={$placement->within->code}"),
                Step::Cart => '/cart',
                Step::Checkout => $this->checkoutOf($placement->shop, $owner),
                null => throw new \LogicException('What leads out leads to no page of the shop.'),
            };
        }

        return $this->straight->clicked(Straight::of($placement, self::goodsOf($offer)), $owner, $caller);
    }

    /**
     * After the shopper has said which, or how many: adds, and leads on. The click was counted when it came.
     *
     * @param  non-empty-list<Goods>  $goods
     * @return string the address that the shopper goes on to
     *
     * @throws TooManyCarts
     */
    public function answered(Placement $placement, array $goods, CartOwner $owner, Caller $caller): string
    {
        return $this->straight->answered(Straight::of($placement, $goods), $owner, $caller);
    }

    /** A click on an offer that is paused or sold out is a click all the same. */
    public function countOnly(Placement $placement, CartOwner $owner, Caller $caller): void
    {
        $this->count->ofPlacement($placement, $owner, $caller);
    }

    /** @return non-empty-list<Goods> that a click adds at once */
    public static function goodsOf(Offer $offer): array
    {
        $goods = array_values($offer->lines->map(static fn (OfferLine $line): Goods => new Goods($line->product, $line->variant, $line->quantity, $line->termsOf($line->product)))->all());

        return $goods === [] ? throw new \LogicException('What adds nothing doesn’t add at once.') : $goods;
    }

    private function productPage(Placement $placement): string
    {
        $line = $placement->offer->lines[0] ?? throw new \LogicException('A product page shows a product.');

        return '/p/'.rawurlencode($line->variant->sku ?? $line->product->sku).'?'.http_build_query(['quantity' => $line->quantity, 'k' => $placement->within->code ?? $placement->code]);
    }

    /** Of the shopper's own cart; where there is none, the cart's page says so. */
    private function checkoutOf(Shop $shop, CartOwner $owner): string
    {
        $cart = $this->carts->shared($shop, $owner);

        return $cart === null ? '/cart' : $shop->checkoutPath($cart->ref);
    }
}
