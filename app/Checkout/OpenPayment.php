<?php

declare(strict_types=1);

namespace App\Checkout;

use App\Carts\LineNotices;
use App\Carts\ReckonCart;
use App\Database\InTransaction;
use App\Models\Cart;
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
     *
     * @throws BillChanged
     * @throws ProviderUnreachable
     */
    public function __invoke(Shop $shop, Cart $cart, ShopperDetails $shopper, string $shownDigest): Payment
    {
        $this->couponMustBeLeft($shop, $cart, $shopper);
        $payment = ($this->inTransaction)(fn (): Payment => $this->paymentFor($shop, $cart, $shopper, $shownDigest));
        if ($payment->amount()->isZero()) {
            return $this->settle->withoutProvider($payment);
        }
        if ($payment->provider_id === null) {
            $opened = $this->provider->open($payment->setRelation('shop', $shop));
            $payment->update(['provider_id' => $opened->providerId, 'hosted_url' => $opened->url]);
            $this->closeIfSuperseded($payment);
        }

        return $payment;
    }

    /** @throws BillChanged */
    private function paymentFor(Shop $shop, Cart $cart, ShopperDetails $shopper, string $shownDigest): Payment
    {
        $cart = Cart::query()->whereKey($cart->id)->lockForUpdate()->firstOrFail();
        $bill = ($this->reckon)($shop, $cart, $shopper->country);
        $receipt = $bill->receipt;
        if ($receipt === null || $receipt->lines === [] || CartDigest::of($receipt) !== $shownDigest) {
            throw BillChanged::sinceShown();
        }
        if (! $cart->lines->every(LineNotices::covers(...))) {
            throw BillChanged::stock();
        }
        $checkout = FrozenCheckout::of($cart, $receipt, $shopper, $bill->coupon);

        return $this->sameAsOpen($cart, $shownDigest, $checkout) ?? Payment::query()->create([
            'shop_id' => $shop->id,
            'cart_id' => $cart->id,
            'reference' => Secrets::token(),
            'amount_minor' => $receipt->dueNow->minor,
            'currency' => $shop->currency,
            'payee' => $shop->payee ?? throw ProviderUnreachable::notConfigured(),
            'cart_digest' => $shownDigest,
            'state' => PaymentState::Open,
            'checkout' => $checkout,
        ]);
    }

    private function sameAsOpen(Cart $cart, string $digest, FrozenCheckout $checkout): ?Payment
    {
        // A second click, or a reload of the form, is the same payment; anything else ends the earlier one.
        $open = Payment::query()->where('cart_id', $cart->id)->where('state', PaymentState::Open)->lockForUpdate()->get();
        $same = $open->first(fn (Payment $payment): bool => $payment->cart_digest === $digest && $payment->checkout == $checkout);
        foreach ($open as $earlier) {
            if ($earlier !== $same) {
                $earlier->update(['state' => PaymentState::Superseded]);
                $this->closeIfSuperseded($earlier);
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
            throw BillChanged::couponUsed($coupon->code);
        }
    }

    private function closeIfSuperseded(Payment $payment): void
    {
        if ($payment->provider_id !== null && Payment::query()->whereKey($payment->id)->value('state') === PaymentState::Superseded) {
            ($this->giveBack)($payment);
        }
    }
}
