<?php

declare(strict_types=1);

namespace App\Fulfilment;

use App\Changes\StockChanged;
use App\Models\FrozenLine;
use App\Models\OrderLine;
use App\Models\Product;
use App\Models\StockMovement;
use App\Models\Variant;
use Illuminate\Database\Eloquent\Collection;

/** Takes pieces off the shelf: the variant's, where one was chosen. Runs inside a transaction. */
final readonly class TakeFromStock implements Fulfils
{
    public function __construct(private StockChanged $changed) {}

    public function take(array $lines): array
    {
        // All products by id, then all variants by id: whoever locks goods keeps to it, and waits for nobody who waits for it.
        $products = Product::withDeleted()->whereKey(array_map(static fn (FrozenLine $line): int => $line->productId, $lines))
            ->orderBy('id')->lockForUpdate()->get(['id', 'shop_id', 'stock', 'allows_back_order'])->keyBy('id');
        $ids = array_filter(array_map(static fn (FrozenLine $line): ?int => $line->variantId, $lines), is_int(...));
        $variants = $ids === [] ? new Collection : Variant::query()->whereKey($ids)->orderBy('id')->lockForUpdate()->get(['id', 'stock'])->keyBy('id');
        $missing = [];
        foreach ($lines as $i => $line) {
            $product = $products->get($line->productId) ?? throw GoodsGone::product($line->productId);
            $shelf = $line->variantId === null ? $product : $variants->get($line->variantId) ?? throw GoodsGone::product($line->productId);
            $missing[$i] = $this->fromShelf($product, $shelf, $line->quantity);
        }

        return $missing;
    }

    public function handOver(array $lines, array $paid): void
    {
        StockMovement::query()->insert(array_values(array_map(static fn (OrderLine $line): array => [
            'product_id' => $line->product_id,
            'variant_id' => $line->variant_id,
            'order_id' => $line->order_id,
            'order_line_id' => $line->id,
            'pieces' => -$line->quantity,
            'created_at' => $line->order->placed_at,
        ], $lines)));
    }

    /** @throws GoodsGone */
    private function fromShelf(Product $product, Product|Variant $shelf, int $quantity): int
    {
        $stock = Product::stockOf($shelf->stock, $product->allows_back_order);
        if (! $stock->covers($quantity)) {
            throw GoodsGone::product($product->id);
        }
        $missing = $stock->missingFor($quantity);
        if ($shelf->stock !== null && $quantity > $missing) {
            $shelf->stock -= $quantity - $missing;
            $shelf->newQuery()->whereKey($shelf->id)->toBase()->update(['stock' => $shelf->stock]);
            $this->changed->of($product->shop_id);
        }

        return $missing;
    }
}
