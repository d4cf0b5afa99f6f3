<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\Product;
use App\Models\ProductFile;
use App\Models\Sample;
use App\Models\Variant;
use App\Time\Clock;

/** Puts the files that a product is sold with into their order, and its sample beside it; what is left out is let go of. */
final readonly class SaveFiles
{
    public function __construct(private Clock $clock) {}

    /** Variants can be written anew once no file belongs to one. */
    public function loosen(Product $product): void
    {
        ProductFile::query()->where('product_id', $product->id)->whereNotNull('variant_id')->update(['variant_id' => null]);
    }

    public function __invoke(Product $product, FilesEntry $entry): void
    {
        $free = ['product_id' => null, 'free_since' => $this->clock->now()];
        ProductFile::query()->where('product_id', $product->id)->whereKeyNot(array_keys($entry->files))->update($free);
        $variants = Variant::query()->where('product_id', $product->id)->pluck('id', 'sku')->all();
        $position = 0;
        foreach ($entry->files as $id => $sku) {
            ProductFile::query()->where('shop_id', $product->shop_id)->whereKey($id)->update(['product_id' => $product->id, 'variant_id' => $variants[$sku] ?? null, 'position' => $position++, 'free_since' => null]);
        }
        Sample::query()->where('product_id', $product->id)->whereKeyNot($entry->sample ?? 0)->update($free);
        Sample::query()->where('shop_id', $product->shop_id)->whereKey($entry->sample ?? 0)->update(['product_id' => $product->id, 'free_since' => null]);
    }
}
