<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Models\Offer;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use PaperKite\Link\PlacementCode;

/** A placement with all that a click needs to know, in one read. */
final class PlacementLookup
{
    private const COLUMNS = [
        'placements' => ['id', 'shop_id', 'offer_id', 'code', 'page'],
        'offers' => ['id', 'shop_id', 'product_id', 'quantity', 'destination', 'cart_use', 'caption', 'state'],
        'products' => ['id', 'shop_id', 'sku', 'name', 'stock', 'allows_back_order', 'has_variants'],
        'shops' => ['id', 'slug', 'name', 'host', 'currency', 'accent'],
    ];

    /** @return Placement|null with its shop, offer and product; `null` where this host has no such placement */
    public function at(string $host, PlacementCode $code): ?Placement
    {
        $row = DB::table('placements')
            ->join('offers', 'offers.id', '=', 'placements.offer_id')
            ->join('products', 'products.id', '=', 'offers.product_id')
            ->join('shops', 'shops.id', '=', 'placements.shop_id')
            ->where('placements.code', $code->text)
            ->where('shops.host', $host)
            ->first($this->selection());
        if ($row === null) {
            return null;
        }
        $row = (array) $row;
        $shop = $this->filled(new Shop, 'shops', $row);
        $offer = $this->filled(new Offer, 'offers', $row)->setRelation('product', $this->filled(new Product, 'products', $row))->setRelation('shop', $shop);

        return $this->filled(new Placement, 'placements', $row)->setRelation('offer', $offer)->setRelation('shop', $shop);
    }

    /** @return list<string> */
    private function selection(): array
    {
        $selection = [];
        foreach (self::COLUMNS as $table => $columns) {
            foreach ($columns as $column) {
                $selection[] = "{$table}.{$column} as {$table}_{$column}";
            }
        }

        return $selection;
    }

    /**
     * @template M of Model
     *
     * @param  M  $model
     * @param  key-of<self::COLUMNS>  $table
     * @param  array<mixed>  $row
     * @return M
     */
    private function filled(Model $model, string $table, array $row): Model
    {
        $attributes = [];
        foreach (self::COLUMNS[$table] as $column) {
            $attributes[$column] = $row["{$table}_{$column}"];
        }

        return $model->newFromBuilder($attributes);
    }
}
