<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\Product;
use App\Models\Shop;
use App\Models\Variant;
use PaperKite\Catalogue\Entry\EnteredProduct;

/** A SKU names one thing in a shop, be it a product or a variant. */
final class TakenSkus
{
    /** @return array<string, string> a sentence at each field whose SKU belongs to another product */
    public static function of(Shop $shop, ?Product $product, EnteredProduct $entered): array
    {
        $wanted = ['sku' => $entered->sku->text];
        foreach ($entered->variants as $i => $variant) {
            $wanted["variants.{$i}.sku"] = $variant->sku->text;
        }
        $taken = [
            ...Product::query()->where('shop_id', $shop->id)->whereKeyNot($product->id ?? 0)->whereIn('sku', array_values($wanted))->get(['sku'])->map(fn (Product $other): string => $other->sku)->all(),
            ...Variant::query()->where('shop_id', $shop->id)->where('product_id', '<>', $product->id ?? 0)->whereIn('sku', array_values($wanted))->get(['sku'])->map(fn (Variant $other): string => $other->sku)->all(),
        ];

        return array_map(
            static fn (string $sku): string => "Another product of this shop has the SKU “{$sku}”; choose a different one.",
            array_filter($wanted, static fn (string $sku): bool => in_array($sku, $taken, true)),
        );
    }
}
