<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Product;
use App\Time\Clock;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Collection;

/** The add-on products of what is in a cart, save what is in it already, is a draft, or is sold out. */
final readonly class Suggestions
{
    private const MOST = 3;

    public function __construct(
        private ConnectionInterface $db,
        private Clock $clock,
    ) {}

    /** @return Collection<int, Product> */
    public function for(Cart $cart): Collection
    {
        $inCart = $cart->lines->map(fn (CartLine $line): int => $line->product_id)->all();
        $ids = $this->db->table('add_ons')->whereIn('product_id', $inCart)->whereNotIn('add_on_id', $inCart)->orderBy('position')->orderBy('product_id')->pluck('add_on_id')->unique()->all();
        $byId = Product::query()->where('is_draft', false)->whereKey($ids)->with('variants')->get()->keyBy('id');

        $at = $this->clock->moment();

        return $byId
            ->reject(fn (Product $product): bool => PriceTag::of($product, $at)->isSoldOut)
            ->sortBy(fn (Product $product): int => (int) array_search($product->id, $ids, true))
            ->take(self::MOST)
            ->values();
    }
}
