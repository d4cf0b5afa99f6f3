<?php

declare(strict_types=1);

namespace App\Http\Shopper\Found;

use App\Models\Product;
use App\Models\Shop;
use App\Shopfront\DescribeGoods;
use App\Time\Clock;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PaperKite\Text\ScriptJson;

/**
 * The shop's goods for other programs, as JSON-LD, some hundreds to a page.
 *
 * @see https://schema.org/DataFeed
 * @see https://www.rfc-editor.org/rfc/rfc8288 the link to the next page
 */
final readonly class GoodsFeedController
{
    private const PER_PAGE = 200;

    public function __construct(private Clock $clock) {}

    public function __invoke(Request $request, Shop $shop): Response
    {
        $page = max(1, $request->integer('page', 1));
        $at = $this->clock->moment();
        $products = Product::forSale($shop)->with(['variants', 'pictures'])->orderBy('id')->simplePaginate(self::PER_PAGE, page: $page);
        $feed = [
            '@context' => 'https://schema.org',
            '@type' => 'DataFeed',
            'name' => $shop->name,
            'url' => $shop->base().'/',
            'dateModified' => gmdate(DATE_RFC3339, $at->seconds),
            'dataFeedElement' => array_values($products->getCollection()->map(static fn (Product $product): array => [
                '@type' => 'DataFeedItem',
                'dateModified' => $product->updated_at->toIso8601ZuluString(),
                'item' => DescribeGoods::data($product, $shop, $at)->document(),
            ])->all()),
        ];
        $headers = ['Content-Type' => 'application/ld+json; charset=UTF-8', 'Cache-Control' => 'public, max-age=300', 'Access-Control-Allow-Origin' => '*'];
        if ($products->hasMorePages()) {
            $headers['Link'] = "<{$shop->base()}/goods.json?page=".($page + 1).'>; rel="next"';
        }

        return new Response(ScriptJson::of($feed), 200, $headers);
    }
}
