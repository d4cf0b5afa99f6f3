<?php

declare(strict_types=1);

namespace App\Finding\Said;

use App\Finding\Kind;
use App\Finding\Said;
use App\Finding\SaidOf;
use App\Models\Product;
use App\Models\Shelf;
use App\Models\Shop;

/** By their name, their category, and what was picked. */
final readonly class SaidOfShelves implements SaidOf
{
    public function kind(): Kind
    {
        return Kind::Shelf;
    }

    public function of(Shop $shop, array $ids): array
    {
        $said = [];
        foreach (Shelf::query()->where('shop_id', $shop->id)->whereKey($ids)->with(['category', 'picked'])->get() as $shelf) {
            $count = $shelf->picked->count();
            $note = $shelf->category === null ? ($count === 1 ? 'one product' : "{$count} products") : "category {$shelf->category->name}";
            $said[$shelf->id] = new Said($shelf->name, $note, $shelf->picked->map(static fn (Product $product): string => "{$product->name} {$product->sku}")->implode(' '));
        }

        return $said;
    }
}
