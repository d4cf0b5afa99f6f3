<?php

declare(strict_types=1);

namespace App\Http\Shopper\Shopfront;

use App\Clicks\CountView;
use App\Clicks\FindCredit;
use App\Http\Input;
use App\Http\Shopper\ReadCaller;
use App\Http\Shopper\RequestHeaders;
use App\Http\Shopper\Visitor;
use App\Models\Product;
use App\Models\Shop;
use App\Results\Labels;
use App\Shopfront\FindGoods;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PaperKite\Link\RestOfLink;
use PaperKite\Link\Visit;
use Symfony\Component\HttpFoundation\Response as Answer;

final readonly class ShopfrontController
{
    public function __construct(
        private ListPage $list,
        private ProductPage $page,
        private FindGoods $find,
        private FindCredit $credited,
        private Labels $labels,
        private CountView $count,
        private ReadCaller $caller,
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
            $source = ($this->credited)($shop, Input::text($request, 'k'), $product)->source->underLabel($this->labels->idOf($shop, $label));
            ($this->count)($shop, $source, $product->id, Visitor::of($request)->owner(), ($this->caller)($request));
        }
    }
}
