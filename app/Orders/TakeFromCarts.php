<?php

declare(strict_types=1);

namespace App\Orders;

use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Checkout;
use App\Models\FrozenLine;
use Illuminate\Database\Eloquent\Collection;

/** What is ordered is in no cart any more; what was added while the shopper paid stays. Runs inside a transaction that has locked the cart. */
final class TakeFromCarts
{
    public function __invoke(Checkout $checkout): void
    {
        if ($checkout->cart_id === null) {
            return;
        }
        foreach ($this->lines('cart_id', $checkout->cart_id) as $line) {
            $paid = array_filter($checkout->bill->lines, static fn (FrozenLine $frozen): bool => $frozen->pickKey() === $line->pick_key);
            self::take($line, array_sum(array_map(static fn (FrozenLine $frozen): int => $frozen->quantity, $paid)));
        }
        Cart::query()->whereKey($checkout->cart_id)->update(['joined' => null]);
        // The cart of the widget from which it was copied.
        foreach ($this->lines('handed_to', $checkout->cart_id) as $line) {
            self::take($line, $line->handed_pieces);
        }
    }

    private static function take(CartLine $line, int $pieces): void
    {
        match (true) {
            $pieces === 0 => null,
            $line->quantity <= $pieces => $line->delete(),
            default => $line->update(['quantity' => $line->quantity - $pieces, 'handed_to' => null, 'handed_pieces' => 0]),
        };
    }

    /** @return Collection<int, CartLine> */
    private function lines(string $by, int $cart): Collection
    {
        return CartLine::query()->where($by, $cart)->without(['product', 'variant.picture'])->orderBy('id')->get();
    }
}
