<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Models\Shop;
use Illuminate\Database\ConnectionInterface;
use PaperKite\Catalogue\ProductKind;

/** How many pieces are in a cart, in one read; an amount that is given is one. */
final readonly class CountPieces
{
    public function __construct(private ConnectionInterface $db) {}

    public function of(Shop $shop, CartOwner $owner): int
    {
        return $owner->isNew ? 0 : $this->where(['carts.shop_id' => $shop->id, 'carts.shared_by' => $owner->digest]);
    }

    public function in(Cart $cart): int
    {
        return $this->where(['carts.id' => $cart->id]);
    }

    /** @param  array<string, int|string>  $is */
    private function where(array $is): int
    {
        $given = array_column(ProductKind::given(), 'value');
        $marks = implode(', ', array_fill(0, count($given), '?'));
        $pieces = $this->db->table('carts')->join('cart_lines', 'cart_lines.cart_id', '=', 'carts.id')->join('products', 'products.id', '=', 'cart_lines.product_id')->where($is)
            ->selectRaw("SUM(IF(products.kind IN ({$marks}), 1, cart_lines.quantity)) AS pieces", $given)->value('pieces');

        return is_numeric($pieces) ? (int) $pieces : 0;
    }
}
