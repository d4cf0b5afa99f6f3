<?php

declare(strict_types=1);

namespace App\Http\Shopper\Shopfront;

use App\Http\Input;
use App\Models\Shop;
use App\Shopfront\FindGoods;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Response as Answer;

final readonly class ShopfrontController
{
    public function __construct(
        private ListPage $list,
        private ProductPage $page,
        private FindGoods $find,
    ) {}

    public function list(Request $request, Shop $shop): Response
    {
        return $this->list->shown($request, $shop);
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
