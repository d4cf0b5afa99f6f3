<?php

declare(strict_types=1);

namespace App\Http\Shopper\Shopfront;

use App\Finding\SearchGoods;
use App\Http\Input;
use App\Http\Shopper\ReadCaller;
use App\Models\Category;
use App\Models\LeadPicture;
use App\Models\Product;
use App\Models\Shop;
use App\Shopfront\DescribeGoods;
use App\Time\Clock;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Pagination\LengthAwarePaginator;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Page\SharedPage;
use PaperKite\Shopfront\GoodsSort;

/** The list of all that the shop sells, or of a category of it. */
final readonly class ListPage
{
    private const PER_PAGE = 24;

    private const LONGEST_SEARCH = 100;

    public function __construct(
        private ReadCaller $caller,
        private SearchGoods $search,
        private Clock $clock,
    ) {}

    public function shown(Request $request, Shop $shop): Response
    {
        $category = $request->filled('category') ? $shop->categories()->whereKey($request->integer('category'))->firstOrFail() : null;
        $typed = trim(mb_substr(mb_scrub(Input::text($request, 'q'), 'UTF-8'), 0, self::LONGEST_SEARCH));
        $sort = GoodsSort::tryFrom(Input::text($request, 'sort')) ?? GoodsSort::Name;
        $goods = Product::forSale($shop)
            ->when($category !== null, fn (Builder $query) => $query->whereHas('categories', fn (Builder $in) => $in->whereKey($category?->id)))
            ->with(['variants', 'addresses.marketplace.partner']);
        $near = $this->search->narrow($goods, $shop, $typed);
        $products = $this->sorted($goods, $sort)->paginate(self::PER_PAGE)->withPath('/')->appends(array_filter(['q' => $typed, 'category' => $category?->id, 'sort' => $sort === GoodsSort::Name ? '' : $sort->value]));

        return response()->view('shop.list', [
            'shop' => $shop,
            'page' => self::shared($shop, $category, $products, $typed),
            'category' => $category,
            'typed' => $typed,
            'near' => $near,
            'sort' => $sort,
            'country' => ($this->caller)($request)->country,
            'wasAdded' => $request->query('after') === 'added',
            'categories' => $shop->categories()->whereHas('products', fn (Builder $product) => $product->where('is_draft', false))->limit(24)->get(),
            'products' => $products,
        ]);
    }

    /**
     * @param  Builder<Product>  $goods
     * @return Builder<Product>
     */
    private function sorted(Builder $goods, GoodsSort $sort): Builder
    {
        $now = $this->clock->now();
        $price = 'IF(sale_minor IS NOT NULL AND (sale_from IS NULL OR sale_from <= ?) AND (sale_until IS NULL OR sale_until > ?), sale_minor, price_minor)';
        // What a partner sells has its price elsewhere, and stands at the end.
        $elsewhere = 'FIND_IN_SET(kind, ?) > 0';
        $kinds = implode(',', array_map(static fn (ProductKind $kind): string => $kind->value, array_filter(ProductKind::cases(), static fn (ProductKind $kind): bool => $kind->isElsewhere())));
        match ($sort) {
            GoodsSort::Name => null,
            GoodsSort::Newest => $goods->orderByDesc('products.id'),
            GoodsSort::Cheapest => $goods->orderByRaw("{$elsewhere}, {$price}", [$kinds, $now, $now]),
            GoodsSort::Dearest => $goods->orderByRaw("{$elsewhere}, {$price} DESC", [$kinds, $now, $now]),
        };

        return $goods->orderBy('name')->orderBy('id');
    }

    /** @param  LengthAwarePaginator<int, Product>  $products */
    private static function shared(Shop $shop, ?Category $category, LengthAwarePaginator $products, string $typed): SharedPage
    {
        $say = $shop->wording();
        $asked = array_filter(['category' => $category?->id, 'page' => $products->currentPage() > 1 ? $products->currentPage() : null]);

        return new SharedPage(
            $category->name ?? $shop->name,
            $category === null ? ($shop->page_look->sentence ?: $say->say('list.about', shop: $shop->name)) : $say->say('list.about_category', category: $category->name, shop: $shop->name),
            $shop->base().'/'.($asked === [] ? '' : '?'.http_build_query($asked)),
            DescribeGoods::picture(self::lead($shop, $products), $shop),
            // What somebody looked for is no page of the shop's.
            isFound: $typed === '',
        );
    }

    /**
     * @param  LengthAwarePaginator<int, Product>  $products
     * @return LeadPicture|null the shop's own picture, or that of the first of its goods which has one
     */
    private static function lead(Shop $shop, LengthAwarePaginator $products): ?LeadPicture
    {
        return $shop->page_look->banner !== ''
            ? LeadPicture::uploaded(basename($shop->page_look->banner), $shop->page_look->bannerText)
            : $products->getCollection()->map(static fn (Product $product) => $product->lead())->first(static fn (?LeadPicture $lead): bool => $lead !== null);
    }
}
