<?php

declare(strict_types=1);

namespace App\Finding\Said;

use App\Finding\Kind;
use App\Finding\Said;
use App\Finding\SaidOf;
use App\Models\Category;
use App\Models\Product;
use App\Models\Shop;
use App\Models\Variant;

/** What shoppers read of goods in the shop's own pages. */
final readonly class SaidOfGoods implements SaidOf
{
    public function kind(): Kind
    {
        return Kind::Goods;
    }

    public function of(Shop $shop, array $ids): array
    {
        $said = [];
        foreach (Product::query()->where('shop_id', $shop->id)->whereKey($ids)->with(['variants', 'categories'])->get() as $product) {
            $also = [
                $product->sku,
                $product->plainText(),
                ...$product->variants->map(static fn (Variant $variant): string => "{$variant->sku} ".implode(' ', $variant->choices))->all(),
                ...$product->categories->map(static fn (Category $category): string => $category->name)->all(),
                ...array_map(static fn (array $trait): string => "{$trait['name']} ".implode(' ', $trait['values']), $product->traits ?? []),
            ];
            $said[$product->id] = new Said($product->name, '', implode(' ', $also));
        }

        return $said;
    }
}
