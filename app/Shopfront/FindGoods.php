<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Carts\Goods;
use App\Models\Product;
use App\Models\Shop;
use App\Models\Variant;
use Illuminate\Database\ConnectionInterface;

/** The goods that SKUs name, or once named: a SKU that was left leads to the goods that had it. */
final readonly class FindGoods
{
    public function __construct(private ConnectionInterface $db) {}

    /** @return Goods|null one piece of it; `null` where nothing that is for sale has, or had, the SKU */
    public function bySku(Shop $shop, string $sku): ?Goods
    {
        return $this->bySkus($shop, [$sku])[$sku] ?? null;
    }

    /**
     * In three reads, however many they are.
     *
     * @param  list<string>  $skus
     * @return array<string, Goods> one piece of each, by the SKU that was asked for
     */
    public function bySkus(Shop $shop, array $skus): array
    {
        $named = $this->db->table('skus')->where('shop_id', $shop->id)->whereIn('sku', $skus)->get(['sku', 'product_id', 'variant_id']);
        $products = Product::forSale($shop)->whereKey($named->pluck('product_id')->unique()->all())->get()->keyBy('id');
        $variantIds = $named->pluck('variant_id')->filter()->all();
        $variants = $variantIds === [] ? collect() : Variant::query()->whereKey($variantIds)->get()->keyBy('id');
        $goods = [];
        foreach ($named as $name) {
            /** @var object{sku: string, product_id: int, variant_id: int|null} $name */
            $product = $products->get($name->product_id);
            if ($product !== null) {
                $goods[$name->sku] = new Goods($product, $product->has_variants ? $variants->get($name->variant_id ?? 0)?->setRelation('product', $product) : null, 1);
            }
        }

        return $goods;
    }
}
