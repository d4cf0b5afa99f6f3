<?php

declare(strict_types=1);

namespace App\Http\Shopper\Found;

use App\Models\Category;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Response;

/**
 * The addresses of all that a shop shows, some thousands to a file.
 *
 * @see https://www.sitemaps.org/protocol.html
 */
final class SitemapController
{
    private const PER_FILE = 10_000;

    public function index(Shop $shop): Response
    {
        $files = (int) ceil(Product::forSale($shop)->count() / self::PER_FILE);
        if ($files <= 1) {
            return $this->file($shop, 1);
        }

        return $this->answer('sitemapindex', implode('', array_map(static fn (int $file): string => "<sitemap><loc>{$shop->base()}/sitemap-{$file}.xml</loc></sitemap>\n", range(1, $files))));
    }

    public function file(Shop $shop, int $number): Response
    {
        $products = Product::forSale($shop)->orderBy('id')->simplePaginate(self::PER_FILE, ['id', 'sku', 'updated_at'], page: $number)->getCollection();
        if ($number > 1 && $products->isEmpty()) {
            abort(404);
        }
        $entries = $number > 1 ? [] : [self::entry($shop->base().'/'), ...$this->others($shop)];
        $goods = $products->map(static fn (Product $product): string => self::entry($shop->base().'/p/'.rawurlencode($product->sku), $product->updated_at->toIso8601ZuluString()));

        return $this->answer('urlset', implode('', [...$entries, ...$goods->all()]));
    }

    /** @return list<string> */
    private function others(Shop $shop): array
    {
        $categories = $shop->categories()->whereHas('products', static fn (Builder $product) => $product->where('is_draft', false))->get();
        $texts = array_keys(array_filter(['terms' => $shop->checkout_rules->terms, 'policy' => $shop->checkout_rules->policy], static fn (string $text): bool => $text !== ''));

        return [
            ...array_values($categories->map(static fn (Category $category): string => self::entry("{$shop->base()}/?category={$category->id}"))->all()),
            ...array_map(static fn (string $text): string => self::entry("{$shop->base()}/{$text}"), $texts),
        ];
    }

    /** @param  string  $changed  as RFC 3339; blank where nobody knows */
    private static function entry(string $address, string $changed = ''): string
    {
        $escaped = htmlspecialchars($address, ENT_XML1 | ENT_QUOTES, 'UTF-8');

        return "<url><loc>{$escaped}</loc>".($changed === '' ? '' : "<lastmod>{$changed}</lastmod>")."</url>\n";
    }

    private function answer(string $root, string $entries): Response
    {
        return new Response("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<{$root} xmlns=\"http://www.sitemaps.org/schemas/sitemap/0.9\">\n{$entries}</{$root}>\n", 200, ['Content-Type' => 'application/xml; charset=UTF-8', 'Cache-Control' => 'public, max-age=300']);
    }
}
