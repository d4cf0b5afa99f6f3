<?php

declare(strict_types=1);

namespace App\Checkout;

use App\Carts\CardPayment;
use App\Carts\CartContents;
use App\Carts\ReckonCart;
use App\Database\InTransaction;
use App\Models\Cart;
use App\Models\Checkout;
use App\Models\CheckoutState;
use App\Models\FrozenCheckout;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Shop;
use App\Orders\CouponUse;
use App\Payments\GiveBack;
use App\Payments\PaymentProvider;
use App\Payments\ProviderUnreachable;
use App\Payments\SettlePayment;
use App\Text\Secrets;
use PaperKite\Checkout\CartDigest;
use PaperKite\Checkout\ShopperDetails;

/** From the button "pay" to the page where the shopper pays. */
final readonly class OpenPayment
{
    public function __construct(
        private PaymentProvider $provider,
        private SettlePayment $settle,
        private GiveBack $giveBack,
        private ReckonCart $reckon,
        private CouponUse $couponUse,
        private InTransaction $inTransaction,
    ) {}

    /**
     * @param  string  $shownDigest  the digest of the bill that the shopper saw
     * @return string the address that the shopper goes on to
     *
     * @throws BillChanged
     * @throws ProviderUnreachable
     */
    public function __invoke(Shop $shop, Cart $cart, ShopperDetails $shopper, string $shownDigest): string
    {
        $this->couponMustBeLeft($shop, $cart, $shopper);
        [$checkout, $payment] = ($this->inTransaction)(fn (): array => $this->opened($shop, $cart, $shopper, $shownDigest));
        if ($payment === null) {
            $this->settle->withoutProvider($checkout);
        } elseif ($payment->provider_id === null) {
            $opened = $this->provider->open($payment->setRelation('shop', $shop)->setRelation('checkout', $checkout)->order());
            $payment->update(['provider_id' => $opened->providerId, 'hosted_url' => $opened->url]);
            $this->closeIfSuperseded($payment);
        }

        return $payment->hosted_url ?? "/return/{$checkout->reference}";
    }

    /**
     * @return array{Checkout, Payment|null} `null` where nothing is due now
     *
     * @throws BillChanged
     */
    private function opened(Shop $shop, Cart $cart, ShopperDetails $shopper, string $shownDigest): array
    {
        $checkout = $this->checkoutOf($shop, $cart, $shopper, $shownDigest);
        $due = $checkout->bill->dueNow();

        return [$checkout, $due === 0 ? null : $checkout->payments()->where('state', PaymentState::Open)->first() ?? $checkout->payments()->create([
            'shop_id' => $shop->id,
            'reference' => Secrets::token(),
            'amount_minor' => $due,
            'currency' => $shop->currency,
            'payee' => $shop->payee ?? throw ProviderUnreachable::notConfigured(),
            'cart_digest' => $shownDigest,
            'state' => PaymentState::Open,
        ])];
    }

    /** @throws BillChanged */
    private function checkoutOf(Shop $shop, Cart $cart, ShopperDetails $shopper, string $shownDigest): Checkout
    {
        $cart = Cart::query()->whereKey($cart->id)->lockForUpdate()->firstOrFail();
        $contents = CartContents::of($cart);
        // Where the country changes nothing, it is not asked.
        $bill = ($this->reckon)($shop, $contents, $shopper->country === '' ? $shop->home_country : $shopper->country);
        $receipt = $bill->receipt;
        if ($receipt === null || $receipt->lines === [] || CartDigest::of($receipt) !== $shownDigest) {
            throw BillChanged::sinceShown($shop->wording());
        }
        if (! $contents->areForSale()) {
            throw BillChanged::stock($shop->wording());
        }
        $frozen = FrozenCheckout::of($cart, $receipt, $shopper, $bill->coupon, CardPayment::frozen($bill->cards));

        return $this->sameAsOpen($cart, $shownDigest, $frozen) ?? Checkout::query()->create([
            'shop_id' => $shop->id,
            'cart_id' => $cart->id,
            'reference' => Secrets::token(),
            'digest' => $shownDigest,
            'bill' => $frozen,
            'state' => CheckoutState::Open,
        ]);
    }

    private function sameAsOpen(Cart $cart, string $digest, FrozenCheckout $frozen): ?Checkout
    {
        // A second click, a reload of the form, or another try after the bank said no is the same checkout; anything else ends the earlier one.
        // The cart's row is locked, and nobody comes to its checkouts by another way: a lock where there are none yet would stand in other shoppers' way.
        $open = Checkout::query()->where('cart_id', $cart->id)->where('state', CheckoutState::Open)->get();
        $same = $open->first(fn (Checkout $checkout): bool => $checkout->digest === $digest && $checkout->bill == $frozen);
        foreach ($open as $earlier) {
            if ($earlier !== $same) {
                $earlier->update(['state' => CheckoutState::Superseded]);
                $earlier->payments()->where('state', PaymentState::Open)->get()->each($this->closeIfSuperseded(...));
            }
        }

        return $same;
    }

    /** @throws BillChanged after taking a coupon out that this shopper has used as often as it may be */
    private function couponMustBeLeft(Shop $shop, Cart $cart, ShopperDetails $shopper): void
    {
        $coupon = $cart->coupon_code === null ? null : $shop->coupons()->where('code', $cart->coupon_code)->first();
        if ($coupon !== null && $this->couponUse->isSpentFor($coupon, $shopper->email)) {
            $cart->update(['coupon_code' => null]);
            throw BillChanged::couponUsed($shop->wording(), $coupon->code);
        }
    }

    private function closeIfSuperseded(Payment $payment): void
    {
        if ($payment->provider_id !== null && Checkout::query()->whereKey($payment->checkout_id)->value('state') === CheckoutState::Superseded) {
            ($this->giveBack)($payment);
        }
    }
}
