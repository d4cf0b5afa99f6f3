<?php

declare(strict_types=1);

namespace App\Carts;

use App\Database\InTransaction;
use App\Models\Cart;
use App\Models\CartLine;

/** Takes out of a cart what came from that of a widget, where it stays and can come again. */
final readonly class UndoJoined
{
    public function __construct(private InTransaction $inTransaction) {}

    public function __invoke(Cart $cart): void
    {
        ($this->inTransaction)(static function () use ($cart): void {
            $locked = Cart::query()->whereKey($cart->id)->lockForUpdate()->firstOrFail();
            $pieces = $locked->joined->pieces ?? [];
            foreach (CartLine::query()->where('cart_id', $locked->id)->without(['product', 'variant.picture'])->whereIn('pick_key', array_keys($pieces))->get() as $line) {
                $left = $line->quantity - $pieces[$line->pick_key];
                $left > 0 ? $line->update(['quantity' => $left]) : $line->delete();
            }
            CartLine::query()->where('handed_to', $locked->id)->update(['handed_to' => null, 'handed_pieces' => 0]);
            $locked->update(['joined' => null]);
        });
    }
}
