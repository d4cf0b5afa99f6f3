<?php

declare(strict_types=1);

namespace App\Http\Shopper\Checkout;

use App\Carts\CartContents;
use App\Carts\CartCountry;
use App\Carts\CartView;
use App\Carts\JoinedView;
use App\Carts\ReckonCart;
use App\Carts\RememberSeen;
use App\Checkout\CheckoutAttempt;
use App\Checkout\CheckoutView;
use App\Http\Shopper\ReadCaller;
use App\Http\Shopper\Visitor;
use App\Models\Cart;
use App\Models\GiftCard;
use App\Models\Shop;
use App\Payments\PaymentProvider;
use App\Shoppers\ShopperSession;
use App\Time\Clock;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The checkout as it is shown: at first, after a mistake, after the world has changed. */
final readonly class CheckoutPage
{
    public function __construct(
        private PaymentProvider $provider,
        private ReckonCart $reckon,
        private RememberSeen $remember,
        private ReadCaller $caller,
        private Clock $clock,
        private ShopperSession $session,
    ) {}

    public function shown(Shop $shop, Cart $cart, Request $request, ?string $notice): Response
    {
        return $this->page($shop, $cart, $request, CheckoutAttempt::begun($cart->typed ?? [], $notice), 200);
    }

    /**
     * @param  array<string, string>  $typed
     * @param  array<string, string>  $errors  a sentence by field
     * @param  array<int, string>  $quantities  as typed, by line
     * @param  array<int, string>  $lineErrors  a sentence by line
     */
    public function corrected(Shop $shop, Cart $cart, Request $request, array $typed, array $errors, array $quantities = [], array $lineErrors = []): Response
    {
        return $this->page($shop, $cart, $request, CheckoutAttempt::wrong($typed, $errors, $quantities, $lineErrors), 422);
    }

    public function refused(Shop $shop, Cart $cart, Request $request, int $status, string $sentence): Response
    {
        return $this->page($shop, $cart, $request, CheckoutAttempt::begun($cart->typed ?? [], $sentence), $status);
    }

    private function page(Shop $shop, Cart $cart, Request $request, CheckoutAttempt $attempt, int $status): Response
    {
        $contents = CartContents::of($cart);
        $bill = ($this->reckon)($shop, $contents, CartCountry::of($shop, $cart, ($this->caller)($request)));
        $view = CheckoutView::of($shop, $shop->checkoutPath($cart->ref), $contents, CartView::of($contents, $bill, $shop, $this->clock->moment()), $attempt, $this->provider->notice(), $this->provider->ways());
        ($this->remember)($contents, $bill->receipt);

        return response()->view('shop.checkout', ['shop' => $shop, 'view' => $view, 'taken' => $cart->takenOut(), 'takesCards' => GiftCard::query()->where('shop_id', $shop->id)->exists(), 'joined' => JoinedView::of($cart, $shop->wording()), 'isSignedIn' => $this->session->emailKey($shop, Visitor::of($request)->owner()) !== null], $status);
    }
}
