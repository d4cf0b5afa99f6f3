<?php

declare(strict_types=1);

namespace App\Finding\Said;

use App\Finding\Kind;
use App\Finding\Said;
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

    public function of(Shop $shop, array $ids): array
    {
        $said = [];
        foreach (Product::query()->where('shop_id', $shop->id)->whereKey($ids)->with(['variants', 'categories', 'addresses.marketplace.partner'])->get() as $product) {
            $also = [
                ...$product->variants->map(static fn (Variant $variant): string => "{$variant->sku} ".implode(' ', $variant->choices))->all(),
                ...$product->categories->map(static fn (Category $category): string => $category->name)->all(),
                ...$product->addresses->map(static fn (PartnerAddress $address): string => "{$address->marketplace->name} {$address->marketplace->partner->name}")->all(),
            ];
            $note = "{$product->sku} · {$product->kind->label()}".($product->is_draft ? ' · draft' : '');
            $said[$product->id] = new Said($product->name, $note, implode(' ', $also), $product->sku);
        }

        return $said;
    }
}
