<?php

declare(strict_types=1);

namespace App\Http\Shopper\Cart;

use App\Carts\EditCart;
use App\Carts\FindCart;
use App\Carts\PutBack;
use App\Carts\TouchCart;
use App\Carts\UndoJoined;
use App\Http\Shopper\Visitor;
use App\Models\Shop;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response as Answer;

/** The shopper's shared cart. */
final readonly class CartController
{
    public function __construct(
        private FindCart $carts,
        private EditCart $editCart,
        private CouponForm $coupon,
        private TouchCart $touch,
        private UndoJoined $undo,
        private PutBack $putBack,
        private CartPage $page,
    ) {}

    public function show(Request $request, Shop $shop): Answer
    {
        $cart = $this->carts->shared($shop, Visitor::of($request)->owner());
        if ($cart !== null) {
            ($this->touch)($cart);
        }

        return $this->page->shown($shop, $cart, $request);
    }

    public function edit(Request $request, Shop $shop): Answer
    {
        $cart = $this->carts->shared($shop, Visitor::of($request)->owner());
        if ($cart === null) {
            return $this->page->shown($shop, null, $request);
        }
        if ($request->has('undo_joined')) {
            ($this->undo)($cart);

            return new RedirectResponse('/cart', Answer::HTTP_SEE_OTHER);
        }
        if ($request->has('put_back')) {
            ($this->putBack)($cart);

            return new RedirectResponse('/cart', Answer::HTTP_SEE_OTHER);
        }
        $form = CartForm::of($request);
        $edit = ($this->editCart)($cart, $form->quantities, $form->remove);
        $couponError = $shop->checkout_rules->couponPlace->isInCart() ? ($this->coupon)($request, $shop, $cart) : null;
        if ($edit->errors !== [] || $couponError !== null) {
            return $this->page->corrected($shop, $cart->refresh(), $request, $form, $edit->errors, $couponError);
        }

        return new RedirectResponse($request->has('to_checkout') ? $shop->checkoutPath($cart->ref) : '/cart', Answer::HTTP_SEE_OTHER);
    }
}
