<?php

declare(strict_types=1);

namespace App\Http\Shopper\Shopfront;

use App\Clicks\CountView;
use App\Clicks\CreditedPlacement;
use App\Http\Input;
use App\Http\Shopper\ReadCaller;
use App\Http\Shopper\RequestHeaders;
use App\Http\Shopper\Visitor;
use App\Models\Category;
use App\Models\LeadPicture;
use App\Models\Product;
use App\Models\Shop;
use App\Results\Labels;
use App\Results\Source;
use App\Shopfront\DescribeGoods;
use App\Shopfront\FindGoods;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Pagination\Paginator;
use PaperKite\Link\RestOfLink;
use PaperKite\Link\Visit;
use PaperKite\Page\SharedPage;
use Symfony\Component\HttpFoundation\Response as Answer;

final readonly class ShopfrontController
{
    private const PER_PAGE = 24;

    public function __construct(
        private ProductPage $page,
        private FindGoods $find,
        private CreditedPlacement $credited,
        private Labels $labels,
        private CountView $count,
        private ReadCaller $caller,
    ) {}

    public function list(Request $request, Shop $shop): Response
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
            $category === null ? $say->say('list.about', shop: $shop->name) : $say->say('list.about_category', category: $category->name, shop: $shop->name),
            $shop->base().'/'.($asked === [] ? '' : '?'.http_build_query($asked)),
            DescribeGoods::picture($products->getCollection()->map(static fn (Product $product) => $product->lead())->first(static fn (?LeadPicture $lead): bool => $lead !== null), $shop),
        );
    }

    public function product(Request $request, Shop $shop, string $sku): Answer
    {
        $found = $this->find->bySku($shop, $sku) ?? abort(404);
        $present = $found->variant->sku ?? $found->product->sku;
        if ($present !== $sku) {
            $query = $request->getQueryString();

            return new RedirectResponse('/p/'.rawurlencode($present).($query === null ? '' : "?{$query}"), Answer::HTTP_MOVED_PERMANENTLY);
        }

        $this->count($request, $shop, $found->product);

        return $this->page->shown($request, $shop, $found->product, $found->variant, Input::text($request, 'quantity', '1'), Input::text($request, 'k'));
    }

    /** A glance is asked for by a script of the list. */
    private function count(Request $request, Shop $shop, Product $product): void
    {
        $headers = RequestHeaders::of($request);
        $isSeen = $request->boolean('glance') ? Visit::isAwaited($request->method(), $headers) : Visit::of($request->method(), $headers) === Visit::Navigation;
        if ($isSeen) {
            $label = RestOfLink::read(Input::text($request, 'rest'))?->from;
            $source = Source::of(($this->credited)($shop, Input::text($request, 'k'), $product), $this->labels->idOf($shop, $label));
            ($this->count)($shop, $source, $product->id, Visitor::of($request)->owner(), ($this->caller)($request));
        }
    }
}
