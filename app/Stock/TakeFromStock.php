<?php

declare(strict_types=1);

namespace App\Stock;

use App\Models\Product;
use App\Models\Variant;
use App\Payments\GoodsGone;

/** Takes pieces off the shelf: the variant's, where one was chosen. Runs inside a transaction. */
final readonly class TakeFromStock
{
    /**
     * @return int of the quantity, pieces that were not there and are sent when there are more
     *
     * @throws GoodsGone
     */
    public function __invoke(int $productId, ?int $variantId, int $quantity): int
    {
        // The product is locked first, also for a variant: whoever takes of either waits here.
        $product = Product::query()->whereKey($productId)->lockForUpdate()->first(['id', 'stock', 'allows_back_order']);
        $shelf = $variantId === null ? $product : Variant::query()->whereKey($variantId)->lockForUpdate()->first(['id', 'stock']);
        if ($product === null || $shelf === null) {
            throw GoodsGone::product($productId);
        }
        $stock = Product::stockOf($shelf->stock, $product->allows_back_order);
        if (! $stock->covers($quantity)) {
            throw GoodsGone::product($productId);
        }
        $missing = $stock->missingFor($quantity);
        if ($shelf->stock !== null && $quantity > $missing) {
            $shelf->newQuery()->whereKey($shelf->id)->toBase()->decrement('stock', $quantity - $missing);
        }

        return $missing;
    }
}
