<?php

declare(strict_types=1);

namespace App\Http\Shopper\Offers;

use App\Looks\ReadLooks;
use App\Models\DisplayPlacement;
use App\Models\LeadPicture;
use App\Models\Offer;
use App\Models\OfferLine;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use App\Offers\OfferSnippets;
use App\Shopfront\DescribeGoods;
use App\Shopfront\PriceTag;
use App\Time\Clock;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Response;
use Illuminate\Support\Collection as BaseCollection;
use PaperKite\Medium\PlacedGoods;
use PaperKite\Page\SharedPage;

/** What a program is told that shows something beside a link: what the link sells. It leads nowhere, and counts nothing. */
final readonly class LinkPreview
{
    /** So many of a shelf are named beside its link. */
    private const NAMED = 12;

    public function __construct(
        private ReadLooks $looks,
        private Clock $clock,
    ) {}

    public function ofPlacement(Placement $placement): Response
    {
        // A click needs little of its offer and its shop; a page shows more.
        $shop = $placement->shop->refresh();
        $offer = Offer::query()->with(Offer::TOLD_WITH)->findOrFail($placement->offer_id);
        $placed = OfferSnippets::of($offer, $shop, ($this->looks)($shop), $this->clock->moment())->placed($placement->refresh());
        $names = array_map(static fn (PlacedGoods $goods): string => $goods->quantity > 1 ? "{$goods->quantity} × {$goods->name}" : $goods->name, $placed->goods);
        $picture = $offer->lines->map(static fn (OfferLine $line) => $line->variant?->picture?->shown() ?? $line->product->lead())->first(static fn (?LeadPicture $lead): bool => $lead !== null);

        return $this->page($shop, new SharedPage(
            $names === [] ? $placed->caption : implode(' + ', $names),
            $placed->goods[0]->summary ?? '',
            $placed->url,
            DescribeGoods::picture($picture, $shop),
            $placed->price,
            isFound: false,
            isGoods: $names !== [],
        ), $picture, $placed->partner->price ?? $placed->price?->shown() ?? '');
    }

    public function ofDisplay(DisplayPlacement $display): Response
    {
        $products = $this->productsOf($display);
        $picture = $products->map(static fn (Product $product): ?LeadPicture => $product->lead())->first(static fn (?LeadPicture $lead): bool => $lead !== null);
        $names = $products->map(static fn (Product $product): string => $product->name)->unique()->implode(' · ');

        return $this->page($display->shop, new SharedPage(
            $display->name(),
            $names,
            $display->link($display->shop)->url(),
            DescribeGoods::picture($picture, $display->shop),
            isFound: false,
        ), $picture, '');
    }

    /** @return BaseCollection<int, Product> */
    private function productsOf(DisplayPlacement $display): BaseCollection
    {
        return $display->priceTable === null
            ? $display->shelf?->goods($display->shop)->limit(self::NAMED)->get() ?? new BaseCollection
            : $display->priceTable->columns->flatMap(static fn (Placement $column): array => $column->offer->lines->map(static fn (OfferLine $line): Product => $line->product)->all());
    }

    /**
     * @param  Collection<int, Product>  $products  at least one
     * @param  string  $address  of the link, whole
     */
    public function ofProducts(Shop $shop, Collection $products, string $address): Response
    {
        $products->load('variants');
        $first = $products->firstOrFail();
        $tag = PriceTag::of($first, $this->clock->moment());
        $isOne = $products->count() === 1;

        return $this->page($shop, new SharedPage(
            $products->map(static fn (Product $product): string => $product->name)->implode(' + '),
            $isOne ? $first->summaryText() : '',
            $address,
            DescribeGoods::picture($first->lead(), $shop),
            $isOne ? $tag->only() : null,
            isFound: false,
            isGoods: true,
        ), $first->lead(), $isOne ? $tag->shown($shop->wording()) : '');
    }

    private function page(Shop $shop, SharedPage $page, ?LeadPicture $picture, string $price): Response
    {
        return response()->view('shop.shared', ['shop' => $shop, 'page' => $page, 'picture' => $picture, 'price' => $price], 200, ['X-Robots-Tag' => 'noindex']);
    }
}
