<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Models\LeadPicture;
use App\Models\Picture;
use App\Models\Product;
use App\Models\Shop;
use PaperKite\Page\GoodsData;
use PaperKite\Page\SharedPage;
use PaperKite\Page\SharedPicture;
use PaperKite\Time\Moment;

/** What a product's page says of itself to programs. */
final class DescribeGoods
{
    /** @param  Product  $product  with its variants */
    public static function page(Product $product, Shop $shop, Moment $at): SharedPage
    {
        $tag = PriceTag::of($product, $at);

        return new SharedPage(
            $product->name,
            $product->summaryText(),
            self::address($product, $shop),
            self::picture($product->lead(), $shop),
            $tag->only(),
            isGoods: true,
        );
    }

    /** @param  Product  $product  with its variants; its pictures, where they are read, stand in it too */
    public static function data(Product $product, Shop $shop, Moment $at): GoodsData
    {
        $tag = PriceTag::of($product, $at);
        $event = $product->event(null);

        return new GoodsData(
            $product->name,
            $product->sku,
            $product->summaryText(),
            self::pictures($product, $shop),
            self::address($product, $shop),
            $product->kind->isElsewhere() ? null : $tag->lowest,
            $product->kind->isElsewhere() ? null : $tag->highest,
            max(1, $product->has_variants ? $product->variants->count() : 1),
            ! $tag->isSoldOut,
            $product->kind->isGiven(),
            $event === null ? null : gmdate(DATE_RFC3339, $event->begins->seconds),
            $event?->ends === null ? null : gmdate(DATE_RFC3339, $event->ends->seconds),
            $event->place ?? '',
        );
    }

    public static function picture(?LeadPicture $lead, Shop $shop): ?SharedPicture
    {
        return $lead === null ? null : new SharedPicture($shop->base().$lead->shared, $lead->alt, ...$lead->sharedSize);
    }

    private static function address(Product $product, Shop $shop): string
    {
        return $shop->base().'/p/'.rawurlencode($product->sku);
    }

    /** @return list<string> */
    private static function pictures(Product $product, Shop $shop): array
    {
        $own = $product->relationLoaded('pictures') ? array_values($product->pictures->map(static fn (Picture $picture): string => $picture->shown()->shared)->all()) : [];
        $lead = $product->lead();

        return array_map(static fn (string $path): string => $shop->base().$path, $own !== [] || $lead === null ? $own : [$lead->shared]);
    }
}
