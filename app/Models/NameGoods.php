<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\UniqueConstraintViolationException;

/** Keeps which goods a SKU names. A SKU that was left leads to the goods that had it, for good. */
final readonly class NameGoods
{
    public function __construct(private ConnectionInterface $db) {}

    /** @throws TakenSku */
    public function product(Product $product): void
    {
        $this->name($product->shop_id, $product->sku, $product->id, null);
    }

    /** @throws TakenSku */
    public function variant(Variant $variant): void
    {
        $this->name($variant->shop_id, $variant->sku, $variant->product_id, $variant->id);
    }

    /** Marks those that neither the product nor a variant of it has any longer. */
    public function markFormer(Product $product): void
    {
        $this->rows($product->shop_id)
            ->where(['product_id' => $product->id, 'is_former' => false])
            ->where('sku', '<>', $product->sku)
            ->whereNotIn('sku', Variant::query()->where('product_id', $product->id)->select('sku'))
            ->update(['is_former' => true]);
    }

    private function name(int $shopId, string $sku, int $productId, ?int $variantId): void
    {
        $owner = $this->rows($shopId)->where('sku', $sku)->lockForUpdate()->value('product_id');
        if ($owner !== null && $owner !== $productId) {
            throw TakenSku::bySomethingElse($sku);
        }
        $names = ['product_id' => $productId, 'variant_id' => $variantId, 'is_former' => false];
        try {
            $owner === null
                ? $this->rows($shopId)->insert(['shop_id' => $shopId, 'sku' => $sku] + $names)
                : $this->rows($shopId)->where('sku', $sku)->update($names);
        } catch (UniqueConstraintViolationException) {
            // Somebody else was first by a moment.
            throw TakenSku::bySomethingElse($sku);
        }
    }

    private function rows(int $shopId): Builder
    {
        return $this->db->table('skus')->where('shop_id', $shopId);
    }
}
