<?php

declare(strict_types=1);

namespace App\Http\Shopper\Checkout;

use App\Carts\CartContents;
use App\Carts\CartCountry;
use App\Carts\CartNeeds;
use App\Carts\CartView;
use App\Carts\ReckonCart;
use App\Carts\RememberSeen;
use App\Http\Shopper\ReadCaller;
use App\Models\Cart;
use App\Models\Shop;
use App\Payments\PaymentProvider;
use App\Time\Clock;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PaperKite\Checkout\CartDigest;
use PaperKite\Checkout\CheckoutField;
use PaperKite\Checkout\Demand;
use PaperKite\Quote\ShippingZone;
use Symfony\Component\Intl\Countries;

/** The checkout as it is shown: at first, after a mistake, after the world has changed. */
final readonly class CheckoutPage
{
    public function __construct(
        private PaymentProvider $provider,
        private ReckonCart $reckon,
        private RememberSeen $remember,
        private Clock $clock,
        private ReadCaller $caller,
    ) {}

    public function shown(Shop $shop, Cart $cart, Request $request, ?string $notice): Response
    {
        return $this->page($shop, $cart, $request, $cart->typed ?? [], 200, $notice);
    }

    /**
     * @param  array<string, string>  $typed
     * @param  array<string, string>  $errors  a sentence by field
     * @param  array<int, string>  $quantities  as typed, by line
     * @param  array<int, string>  $lineErrors  a sentence by line
     */
    public function corrected(Shop $shop, Cart $cart, Request $request, array $typed, array $errors, array $quantities = [], array $lineErrors = []): Response
    {
        return $this->page($shop, $cart, $request, $typed, 422, null, $errors, $quantities, $lineErrors);
    }

    public function refused(Shop $shop, Cart $cart, Request $request, int $status, string $sentence): Response
    {
        return $this->page($shop, $cart, $request, $cart->typed ?? [], $status, $sentence);
    }

    /**
     * @param  array<string, string>  $typed
     * @param  array<string, string>  $errors
     * @param  array<int, string>  $quantities
     * @param  array<int, string>  $lineErrors
     */
    private function page(Shop $shop, Cart $cart, Request $request, array $typed, int $status, ?string $notice, array $errors = [], array $quantities = [], array $lineErrors = []): Response
    {
        $contents = CartContents::of($cart);
        $bill = ($this->reckon)($shop, $contents, CartCountry::of($shop, $cart, ($this->caller)($request)));
        $view = CartView::of($contents, $bill, $shop, $this->clock->moment());
        ($this->remember)($contents, $bill->receipt);
        $unreachable = $bill->faultAt('country');

        return response()->view('shop.checkout', [
            'shop' => $shop,
            'address' => $shop->checkoutPath($cart->ref),
            'view' => $view,
            'receipt' => $bill->receipt,
            'digest' => $bill->receipt === null ? '' : CartDigest::of($bill->receipt),
            'typed' => ['country' => $bill->country] + array_filter($typed, static fn (string $text): bool => $text !== '') + $typed,
            'demands' => self::demands($shop, $cart),
            'isSent' => CartNeeds::of($shop, $cart)->address,
            'errors' => $errors + ($unreachable === null ? [] : ['country' => $unreachable]),
            'quantities' => $quantities,
            'lineErrors' => $lineErrors + $view->obstacles(),
            'notice' => $notice,
            'payNotice' => $this->provider->notice(),
            'countries' => self::countries($shop),
        ], $status);
    }

    /** @return array<string, Demand> by field, of those that are asked */
    private static function demands(Shop $shop, Cart $cart): array
    {
        $needs = CartNeeds::of($shop, $cart);
        $demands = [];
        foreach (CheckoutField::cases() as $field) {
            $demands[$field->value] = $shop->checkout_rules->demandOf($field, $needs);
        }

        return array_filter($demands, static fn (Demand $demand): bool => $demand !== Demand::Off);
    }

    /** @return array<string, string> names by code, of where the shop ships to */
    private static function countries(Shop $shop): array
    {
        $named = array_merge(...array_map(static fn (ShippingZone $zone): array => $zone->countries, $shop->rules()->zones));

        return $named === [] || in_array(ShippingZone::ANYWHERE, $named, true)
            ? Countries::getNames($shop->wording()->language->value)
            : array_intersect_key(Countries::getNames($shop->wording()->language->value), array_flip($named));
    }
}
