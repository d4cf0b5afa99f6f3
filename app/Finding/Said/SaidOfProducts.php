<?php

declare(strict_types=1);

namespace App\Finding\Said;

use App\Finding\Kind;
use App\Finding\SaidOf;
use App\Models\Category;
use App\Models\PartnerAddress;
use App\Models\Product;
use App\Models\Shop;
use App\Models\Variant;

final readonly class SaidOfProducts implements SaidOf
{
    public function kind(): Kind
    {
        return Kind::Product;
    }

    public function texts(Shop $shop, array $ids): array
    {
        $texts = [];
        foreach (Product::query()->where('shop_id', $shop->id)->whereKey($ids)->with(['variants', 'categories', 'addresses.marketplace.partner'])->get() as $product) {
            $texts[$product->id] = implode(' ', [
                $product->name,
                $product->sku,
                $product->kind->label(),
                $product->is_draft ? 'draft' : '',
                ...$product->variants->map(static fn (Variant $variant): string => "{$variant->sku} ".implode(' ', $variant->choices))->all(),
                ...$product->categories->map(static fn (Category $category): string => $category->name)->all(),
                ...$product->addresses->map(static fn (PartnerAddress $address): string => "{$address->marketplace->name} {$address->marketplace->partner->name}")->all(),
            ]);
        }

        return $texts;
    }
}
