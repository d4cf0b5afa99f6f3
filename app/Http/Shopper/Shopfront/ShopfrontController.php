<?php

declare(strict_types=1);

namespace App\Http\Shopper\Shopfront;

use App\Http\Input;
use App\Models\Product;
use App\Models\Shop;
use App\Shopfront\FindGoods;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Response as Answer;

final readonly class ShopfrontController
{
    private const PER_PAGE = 24;

    public function __construct(
        private ProductPage $page,
        private FindGoods $find,
    ) {}

    public function list(Request $request, Shop $shop): Response
    {
        $category = $request->filled('category') ? $shop->categories()->whereKey($request->integer('category'))->firstOrFail() : null;

        return response()->view('shop.list', [
            'shop' => $shop,
            'category' => $category,
            'wasAdded' => $request->query('after') === 'added',
            'categories' => $shop->categories()->whereHas('products', fn (Builder $product) => $product->where('is_draft', false))->limit(24)->get(),
            'products' => Product::forSale($shop)
                ->when($category !== null, fn (Builder $query) => $query->whereHas('categories', fn (Builder $in) => $in->whereKey($category?->id)))
                ->with('variants')
                ->orderBy('name')->orderBy('id')->simplePaginate(self::PER_PAGE),
        ]);
    }

    public function product(Request $request, Shop $shop, string $sku): Answer
    {
        $found = $this->find->bySku($shop, $sku) ?? abort(404);
        $present = $found->variant->sku ?? $found->product->sku;
        if ($present !== $sku) {
            $query = $request->getQueryString();

            return new RedirectResponse('/p/'.rawurlencode($present).($query === null ? '' : "?{$query}"), Answer::HTTP_MOVED_PERMANENTLY);
        }

        return $this->page->shown($request, $shop, $found->product, $found->variant, Input::text($request, 'quantity', '1'), Input::text($request, 'k'));
    }
}
