<?php

declare(strict_types=1);

namespace App\Http\Shopper\Cart;

use App\Carts\CartCountry;
use App\Carts\LineNotices;
use App\Carts\ReckonCart;
use App\Http\Input;
use App\Http\Shopper\ReadCaller;
use App\Models\Cart;
use App\Models\Shop;
use App\Shopfront\Suggestions;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The cart as it is shown: at first, and after a mistake. */
final readonly class CartPage
{
    public function __construct(
        private ReckonCart $reckon,
        private LineNotices $notices,
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
        $bill = $cart === null ? null : ($this->reckon)($shop, $cart, CartCountry::of($shop, $cart, ($this->caller)($request)));

        return response()->view('shop.cart', [
            'shop' => $shop,
            'cart' => $cart,
            'bill' => $bill,
            'quantities' => $quantities,
            'errors' => $lineErrors + ($cart === null ? [] : LineNotices::stock($cart, $shop->wording())),
            'notices' => $cart === null ? [] : $this->notices->of($cart, $bill?->receipt, $shop->wording()),
            'couponTyped' => Input::text($request, 'coupon'),
            'couponError' => $couponError,
            'suggestions' => $cart === null ? [] : $this->suggestions->for($cart),
        ], $status);
    }
}
