<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Models\Placement;
use Illuminate\Support\Facades\DB;
use PaperKite\Quote\Quantity;

/** Puts goods into a cart in one statement; what is there already becomes more. */
final readonly class AddLines
{
    /** @param  non-empty-list<Goods>  $goods */
    public function __invoke(Cart $cart, array $goods, ?Placement $placement): void
    {
        $rows = implode(', ', array_fill(0, count($goods), '(?, ?, ?, ?, ?)'));
        $bindings = array_merge(...array_map(
            static fn (Goods $each): array => [$cart->id, $each->product->id, $each->variant?->id, $each->quantity, $placement?->id],
            $goods,
        ));
        DB::insert(
            "INSERT INTO cart_lines (cart_id, product_id, variant_id, quantity, placement_id) VALUES {$rows} ON DUPLICATE KEY UPDATE quantity = LEAST(?, quantity + VALUES(quantity)), placement_id = COALESCE(VALUES(placement_id), placement_id)",
            [...$bindings, Quantity::LARGEST],
        );
    }
}
