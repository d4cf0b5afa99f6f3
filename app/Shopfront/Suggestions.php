<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Product;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** The add-on products of what is in a cart, save what is in it already, is a draft, or is sold out. */
final class Suggestions
{
    private const MOST = 3;

    /** @return Collection<int, Product> */
    public static function for(Cart $cart): Collection
    {
        $inCart = $cart->lines->map(fn (CartLine $line): int => $line->product_id)->all();
        $ids = DB::table('add_ons')->whereIn('product_id', $inCart)->whereNotIn('add_on_id', $inCart)->orderBy('position')->orderBy('product_id')->pluck('add_on_id')->unique()->all();
        $byId = Product::query()->where('is_draft', false)->whereKey($ids)->with('variants')->get()->keyBy('id');

        return $byId
            ->reject(fn (Product $product): bool => PriceTag::of($product)->isSoldOut)
            ->sortBy(fn (Product $product): int => (int) array_search($product->id, $ids, true))
            ->take(self::MOST)
            ->values();
    }
}
