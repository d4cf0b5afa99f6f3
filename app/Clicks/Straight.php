<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Carts\Goods;
use App\Models\Placement;
use App\Results\CountedShop;
use LogicException;
use PaperKite\Offer\Onwards;

/** What a click does on whose way there is no question: what it puts into which cart, and where it leads. */
final readonly class Straight
{
    private function __construct(
        public int $placementId,
        public CountedShop $shop,
        public Filling $filling,
        /** To which the cart's name is added, where it leads to the checkout. */
        private string $address,
        private bool $leadsToCheckout,
    ) {}

    /**
     * @param  Placement  $placement  with its shop and offer
     * @param  non-empty-list<Goods>  $goods
     */
    public static function of(Placement $placement, array $goods): self
    {
        [$offer, $shop] = [$placement->offer, $placement->shop];
        // The seller's own address, if its host is listed still.
        $landing = $offer->landing !== null && $shop->hasListed($offer->landing) ? $offer->landing : null;

        return new self($placement->id, CountedShop::of($shop), Filling::byPlacement($placement, $goods, $offer->sellsAlone()), match ($offer->destination) {
            Onwards::Pay => $shop->checkoutPath(''),
            Onwards::Stay => $landing ?? '/?after=added',
            Onwards::Cart, Onwards::MiniCart, Onwards::Choose => '/cart',
            Onwards::Page => throw new LogicException('What leads to a page adds nothing.'),
        }, $offer->destination === Onwards::Pay);
    }

    /** @param  string  $ref  of the cart */
    public function address(string $ref): string
    {
        return $this->address.($this->leadsToCheckout ? $ref : '');
    }
}
