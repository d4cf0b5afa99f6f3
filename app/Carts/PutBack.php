<?php

declare(strict_types=1);

namespace App\Carts;

use App\Database\InTransaction;
use App\Models\Cart;
use Illuminate\Database\ConnectionInterface;

/** Puts back what was taken out of a cart last, as it was; what has come in again since stays as it is. */
final readonly class PutBack
{
    public function __construct(
        private InTransaction $inTransaction,
        private ConnectionInterface $db,
    ) {}

    public function __invoke(Cart $cart): void
    {
        ($this->inTransaction)(function () use ($cart): void {
            $locked = Cart::query()->whereKey($cart->id)->lockForUpdate()->firstOrFail();
            foreach ($locked->taken_out ?? [] as $taken) {
                $this->db->table('cart_lines')->insertOrIgnore(['cart_id' => $locked->id] + $taken['row']);
            }
            $locked->update(['taken_out' => null]);
        });
    }
}
