<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Carts\AddToCart;
use App\Carts\Goods;
use App\Carts\TooManyCarts;
use App\Carts\Visitor;
use App\Models\Cart;
use App\Models\Offer;
use App\Models\OfferLine;
use App\Models\Placement;
use App\Models\Shop;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Destination;
use PaperKite\Offer\WayPage;

/** What a click on a live offer does: counts once, adds once, and leads on. */
final readonly class FollowPlacement
{
    public function __construct(
        private RecentClicks $recent,
        private RecordClick $record,
        private AddToCart $add,
    ) {}

    /**
     * @return string the address that the shopper goes on to; it carries no instruction to add
     *
     * @throws TooManyCarts
     */
    public function __invoke(Placement $placement, Visitor $visitor, Request $request): string
    {
        $offer = $placement->offer;
        $way = $offer->way();
        if (! $way->addsAtOnce) {
            $this->countOnly($placement, $visitor, $request);

            return match ($way->first()) {
                WayPage::Product => $this->productPage($placement),
                WayPage::Offer => "/o/{$placement->code}",
                WayPage::Cart => '/cart',
                WayPage::Checkout => $this->checkoutOf($placement->shop, $visitor),
            };
        }

        return $this->add($placement, $this->goodsOf($offer), $visitor, $request, $this->isFirst($placement, $visitor, $request));
    }

    /**
     * After the shopper has said which, or how many: adds, and leads on. The click was counted when it came.
     *
     * @param  non-empty-list<Goods>  $goods
     * @return string the address that the shopper goes on to
     *
     * @throws TooManyCarts
     */
    public function answered(Placement $placement, array $goods, Visitor $visitor, Request $request): string
    {
        return $this->add($placement, $goods, $visitor, $request, false);
    }

    /** A click on an offer that is paused or sold out is a click all the same. */
    public function countOnly(Placement $placement, Visitor $visitor, Request $request): void
    {
        if ($this->isFirst($placement, $visitor, $request)) {
            ($this->record)($placement, $request);
        }
    }

    /**
     * @param  non-empty-list<Goods>  $goods
     *
     * @throws TooManyCarts
     */
    private function add(Placement $placement, array $goods, Visitor $visitor, Request $request, bool $counts): string
    {
        $offer = $placement->offer;
        $cart = DB::transaction(function () use ($placement, $offer, $goods, $visitor, $request, $counts): Cart {
            $cart = $offer->destination === Destination::Pay && $offer->cart_use === CartUse::JustThis
                ? $this->add->alone($placement->shop, $visitor, $goods, $placement, $request)
                : $this->add->toShared($placement->shop, $visitor, $goods, $placement, $request);
            if ($counts) {
                ($this->record)($placement, $request);
            }

            return $cart;
        }, 3);

        return match ($offer->destination) {
            Destination::Pay => $placement->shop->checkoutPath($cart->ref),
            Destination::Stay => $this->landing($placement) ?? '/?after=added',
            Destination::Cart, Destination::Choose => '/cart',
        };
    }

    /** @return non-empty-list<Goods> */
    private function goodsOf(Offer $offer): array
    {
        $goods = array_values($offer->lines->map(static fn (OfferLine $line): Goods => new Goods($line->product, $line->variant, $line->quantity))->all());

        return $goods === [] ? throw new \LogicException('What adds nothing doesn’t add at once.') : $goods;
    }

    private function productPage(Placement $placement): string
    {
        $line = $placement->offer->lines[0] ?? throw new \LogicException('A product page shows a product.');

        return '/p/'.rawurlencode($line->variant->sku ?? $line->product->sku).'?'.http_build_query(['quantity' => $line->quantity, 'k' => $placement->code]);
    }

    /** Of the shopper's own cart; where there is none, the cart's page says so. */
    private function checkoutOf(Shop $shop, Visitor $visitor): string
    {
        $ref = $visitor->isNew ? null : Cart::query()->where(['shop_id' => $shop->id, 'shared_by' => $visitor->digest()])->value('ref');

        return is_string($ref) ? $shop->checkoutPath($ref) : '/cart';
    }

    /** The seller's own address, if its host is listed still. */
    private function landing(Placement $placement): ?string
    {
        $landing = $placement->offer->landing;

        return $landing !== null && Shop::query()->findOrFail($placement->shop_id)->checkout_rules->allows($landing) ? $landing : null;
    }

    private function isFirst(Placement $placement, Visitor $visitor, Request $request): bool
    {
        return $this->recent->isFirst("placement {$placement->id}", $request, $visitor->isNew ? null : $visitor->digest());
    }
}
