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
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PaperKite\Link\RestOfLink;
use PaperKite\Link\Visit;

/**
 * Counts that a product is looked at. Its page may be one that the web server has kept; what counts is an image of the
 * page, which a browser asks for when it shows the page to somebody, with scripts or without.
 */
final readonly class SeenController
{
    public function __construct(
        private FindGoods $find,
        private FindCredit $credited,
        private Labels $labels,
        private CountView $count,
        private ReadCaller $caller,
    ) {}

    public function __invoke(Request $request, Shop $shop, string $sku): Response
    {
        $product = self::isOfOurPage($request) ? $this->find->bySku($shop, $sku)?->product : null;
        if ($product !== null) {
            $this->count($request, $shop, $product);
        }

        return response()->noContent();
    }

    private function count(Request $request, Shop $shop, Product $product): void
    {
        $label = RestOfLink::read(Input::text($request, 'rest'))?->from;
        $source = ($this->credited)($shop, Input::text($request, 'k'), $product)->source->underLabel($this->labels->idOf($shop, $label));
        ($this->count)($shop, $source, $product->id, Visitor::of($request)->owner(), ($this->caller)($request));
    }

    /** A page of another site may name the image, too. */
    private static function isOfOurPage(Request $request): bool
    {
        return in_array($request->headers->get('Sec-Fetch-Site'), ['same-origin', null], true)
            && Visit::isAwaited($request->method(), RequestHeaders::ofVisit($request));
    }
}
