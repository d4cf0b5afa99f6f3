<?php

declare(strict_types=1);

namespace App\Http\Shopper\Cart;

use App\Carts\ApplyCard;
use App\Http\Input;
use App\Http\Shopper\ReadCaller;
use App\Models\Cart;
use App\Models\Shop;
use Illuminate\Http\Request;

/** What the form of the checkout says about gift cards: `card`, a code as typed, or `remove_card` from the button of one. */
final readonly class CardForm
{
    public function __construct(
        private ApplyCard $apply,
        private ReadCaller $caller,
    ) {}

    /** @return string|null what is wrong with the code, in a sentence */
    public function __invoke(Request $request, Shop $shop, Cart $cart): ?string
    {
        if (! $request->has('remove_card')) {
            return ($this->apply)($shop, $cart, Input::text($request, 'card'), ($this->caller)($request));
        }
        $this->apply->remove($cart, (int) Input::text($request, 'remove_card'));

        return null;
    }

    /** Whether the bill is another one after it. */
    public static function changes(Request $request): bool
    {
        return $request->has('remove_card') || trim(Input::text($request, 'card')) !== '';
    }
}
