<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Carts\Goods;
use App\Models\Product;
use App\Models\Shop;
use App\Models\Variant;

/** A SKU names a product, or a variant of one, that is for sale. */
final class FindGoods
{
    public static function bySku(Shop $shop, string $sku): ?Goods
    {
        $product = Product::forSale($shop)->where('sku', $sku)->first();
        if ($product !== null) {
            return new Goods($product, null, 1);
        }
        $variant = Variant::forSale($shop)->where('sku', $sku)->first();

        return $variant === null ? null : new Goods($variant->product, $variant, 1);
    }
}
