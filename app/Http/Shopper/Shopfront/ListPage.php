<?php

declare(strict_types=1);

namespace App\Http\Shopper\Shopfront;

use App\Http\Shopper\ReadCaller;
use App\Models\Category;
use App\Models\LeadPicture;
use App\Models\Product;
use App\Models\Shop;
use App\Shopfront\DescribeGoods;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Pagination\Paginator;
use PaperKite\Page\SharedPage;

/** The list of all that the shop sells, or of a category of it. */
final readonly class ListPage
{
    private const PER_PAGE = 24;

    public function __construct(private ReadCaller $caller) {}

    public function shown(Request $request, Shop $shop): Response
    {
        $category = $request->filled('category') ? $shop->categories()->whereKey($request->integer('category'))->firstOrFail() : null;
        $products = Product::forSale($shop)
            ->when($category !== null, fn (Builder $query) => $query->whereHas('categories', fn (Builder $in) => $in->whereKey($category?->id)))
            ->with(['variants', 'addresses.marketplace.partner'])
            ->orderBy('name')->orderBy('id')->simplePaginate(self::PER_PAGE);

        return response()->view('shop.list', [
            'shop' => $shop,
            'page' => self::shared($shop, $category, $products),
            'category' => $category,
            'country' => ($this->caller)($request)->country(),
            'wasAdded' => $request->query('after') === 'added',
            'categories' => $shop->categories()->whereHas('products', fn (Builder $product) => $product->where('is_draft', false))->limit(24)->get(),
            'products' => $products,
        ]);
    }

    /** @param  Paginator<int, Product>  $products */
    private static function shared(Shop $shop, ?Category $category, Paginator $products): SharedPage
    {
        $say = $shop->wording();
        $asked = array_filter(['category' => $category?->id, 'page' => $products->currentPage() > 1 ? $products->currentPage() : null]);

        return new SharedPage(
            $category->name ?? $shop->name,
            $category === null ? ($shop->page_look->sentence ?: $say->say('list.about', shop: $shop->name)) : $say->say('list.about_category', category: $category->name, shop: $shop->name),
            $shop->base().'/'.($asked === [] ? '' : '?'.http_build_query($asked)),
            DescribeGoods::picture(self::lead($shop, $products), $shop),
        );
    }

    /**
     * @param  Paginator<int, Product>  $products
     * @return LeadPicture|null the shop's own picture, or that of the first of its goods which has one
     */
    private static function lead(Shop $shop, Paginator $products): ?LeadPicture
    {
        return $shop->page_look->banner !== ''
            ? LeadPicture::uploaded(basename($shop->page_look->banner), $shop->page_look->bannerText)
            : $products->getCollection()->map(static fn (Product $product) => $product->lead())->first(static fn (?LeadPicture $lead): bool => $lead !== null);
    }
}
