<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\Product;
use App\Models\Shop;
use App\Models\TakenSku;
use Illuminate\Database\ConnectionInterface;
use PaperKite\Catalogue\Entry\EnteredProduct;

/** A SKU names one thing in a shop, be it a product or a variant, and leads to it for good. */
final readonly class TakenSkus
{
    public function __construct(private ConnectionInterface $db) {}

    /** @return array<string, string> a sentence at each field whose SKU belongs, or once belonged, to another product */
    public function __invoke(Shop $shop, ?Product $product, EnteredProduct $entered): array
    {
        $wanted = ['sku' => $entered->sku->text];
        foreach ($entered->variants as $i => $variant) {
            $wanted["variants.{$i}.sku"] = $variant->sku->text;
        }
        $isFormer = $this->db->table('skus')->where('shop_id', $shop->id)->where('product_id', '<>', $product->id ?? 0)->whereIn('sku', array_values($wanted))->pluck('is_former', 'sku')->all();
        $taken = [];
        foreach ($wanted as $field => $sku) {
            if (array_key_exists($sku, $isFormer)) {
                $taken[$field] = ($isFormer[$sku] ? TakenSku::formerly($sku) : TakenSku::bySomethingElse($sku))->getMessage();
            }
        }

        return $taken;
    }
}
