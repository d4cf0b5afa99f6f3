<?php

declare(strict_types=1);

namespace App\Http\Shopper\Cart;

use App\Carts\CartContents;
use App\Carts\CartCountry;
use App\Carts\CartView;
use App\Carts\JoinedView;
use App\Carts\ReckonCart;
use App\Carts\RememberSeen;
use App\Http\Input;
use App\Http\Shopper\ReadCaller;
use App\Models\Cart;
use App\Models\Shop;
use App\Shopfront\Suggestions;
use App\Time\Clock;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The cart as it is shown: at first, and after a mistake. */
final readonly class CartPage
{
    public function __construct(
        private ReckonCart $reckon,
        private RememberSeen $remember,
        private Clock $clock,
        private Suggestions $suggestions,
        private ReadCaller $caller,
    ) {}

    public function shown(Shop $shop, ?Cart $cart, Request $request): Response
    {
        return $this->page($shop, $cart, $request, [], [], $request->query('after') === 'codes' ? $shop->wording()->say('refused.codes') : null, 200);
    }

    /** @param  array<int, string>  $lineErrors */
    public function corrected(Shop $shop, Cart $cart, Request $request, CartForm $form, array $lineErrors, ?string $couponError): Response
    {
        return $this->page($shop, $cart, $request, $form->quantities, $lineErrors, $couponError, 422);
    }

    /**
     * @param  array<int, string>  $quantities  as typed, by line
     * @param  array<int, string>  $lineErrors
     */
    private function page(Shop $shop, ?Cart $cart, Request $request, array $quantities, array $lineErrors, ?string $couponError, int $status): Response
    {
        $view = $cart === null || $cart->lines->isEmpty() ? null : $this->view($shop, $cart, $request);

        return response()->view('shop.cart', [
            'shop' => $shop,
            'view' => $view,
            'taken' => $cart?->takenOut() ?? [],
            'joined' => JoinedView::of($cart, $shop->wording()),
            'quantities' => $quantities,
            'errors' => $lineErrors + ($view?->obstacles() ?? []),
            'couponTyped' => Input::text($request, 'coupon'),
            'couponError' => $couponError,
            'suggestions' => $cart === null ? [] : $this->suggestions->for($cart),
        ], $status);
    }

    private function view(Shop $shop, Cart $cart, Request $request): CartView
    {
        $contents = CartContents::of($cart);
        $bill = ($this->reckon)($shop, $contents, CartCountry::of($shop, $cart, ($this->caller)($request)));
        $view = CartView::of($contents, $bill, $shop, $this->clock->moment());
        ($this->remember)($contents, $bill->receipt);

        return $view;
    }
}
