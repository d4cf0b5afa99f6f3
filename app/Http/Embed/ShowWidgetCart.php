<?php

declare(strict_types=1);

namespace App\Http\Embed;

use App\Carts\CartContents;
use App\Carts\CartCountry;
use App\Carts\CartView;
use App\Carts\ReckonCart;
use App\Carts\RememberSeen;
use App\Http\Shopper\ReadCaller;
use App\Models\Cart;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Http\Request;

/** The cart of the widgets of a page as the shop's own page of a cart shows it. */
final readonly class ShowWidgetCart
{
    public function __construct(
        private ReckonCart $reckon,
        private RememberSeen $remember,
        private ReadCaller $caller,
        private Clock $clock,
    ) {}

    /** @param  array<int, string>  $errors  of what was typed, by line */
    public function __invoke(Request $request, Shop $shop, ?Cart $cart, array $errors = [], ?string $couponError = null): ShownCartResource
    {
        $view = $cart === null || $cart->lines->isEmpty() ? null : $this->view($request, $shop, $cart);

        return ShownCartResource::of($view, $shop, array_values($cart?->takenOut() ?? []), $errors, $couponError);
    }

    private function view(Request $request, Shop $shop, Cart $cart): CartView
    {
        $contents = CartContents::of($cart);
        $bill = ($this->reckon)($shop, $contents, CartCountry::of($shop, $cart, ($this->caller)($request)));
        $view = CartView::of($contents, $bill, $shop, $this->clock->moment());
        ($this->remember)($contents, $bill->receipt);

        return $view;
    }
}
