<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\GiftCard;
use App\Models\Order;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Product;
use App\Models\Shop;
use App\Payments\NoteCapture;
use App\Payments\SettlePayment;
use App\Text\Secrets;
use Illuminate\Database\Eloquent\Builder;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Payment\ProviderState;

/** Orders whose money is held, or taken. */
trait TakesOrders
{
    use OpensPayments;

    protected function held(Shop $shop, Product $product, int $quantity, ?string $coupon = null): Order
    {
        $payment = $this->opened($shop, $product, $quantity, coupon: $coupon);
        app(SettlePayment::class)($payment, FakeProvider::statement($payment, ProviderState::Authorised));

        return Order::query()->where('checkout_id', $payment->checkout_id)->sole();
    }

    protected function paid(Shop $shop, Product $product, int $quantity, ?string $coupon = null): Order
    {
        $order = $this->held($shop, $product, $quantity, $coupon);
        app(NoteCapture::class)($this->paymentOf($order));

        return $order->refresh();
    }

    /** A gift card that was sold for so much, and its code. */
    protected function giftCard(Shop $shop, int $minor): GiftCard
    {
        $product = Product::query()->where(['shop_id' => $shop->id, 'sku' => 'card'])->first() ?? $this->product($shop, ['sku' => 'card', 'name' => 'Gift card', 'kind' => ProductKind::GiftCard, 'price_minor' => 2500, 'most_minor' => 100_000]);
        $checkout = $this->openedCheckout($shop, $product, 1, amount: $minor);
        $payment = $checkout->payments()->create(['shop_id' => $shop->id, 'reference' => Secrets::token(), 'provider_id' => 'pm-'.bin2hex(random_bytes(6)), 'amount_minor' => $minor, 'currency' => $shop->currency, 'payee' => (string) $shop->payee, 'cart_digest' => $checkout->digest, 'state' => PaymentState::Open])->refresh();
        app(SettlePayment::class)($payment, FakeProvider::statement($payment, ProviderState::Authorised));
        app(NoteCapture::class)($payment->refresh());

        return GiftCard::query()->whereHas('line.order', static fn (Builder $order) => $order->where('checkout_id', $checkout->id))->sole();
    }

    /**
     * An order that these cards pay as far as they go, its money taken.
     *
     * @param  list<GiftCard>  $cards
     */
    protected function paidByCards(Shop $shop, Product $product, int $quantity, array $cards): Order
    {
        $checkout = $this->openedCheckout($shop, $product, $quantity, cards: array_map(static fn (GiftCard $card): GiftCard => $card->refresh(), $cards));
        if ($checkout->bill->dueNow() === 0) {
            app(SettlePayment::class)->withoutProvider($checkout);
        } else {
            $payment = $checkout->payments()->create(['shop_id' => $shop->id, 'reference' => Secrets::token(), 'provider_id' => 'pm-'.bin2hex(random_bytes(6)), 'amount_minor' => $checkout->bill->dueNow(), 'currency' => $shop->currency, 'payee' => (string) $shop->payee, 'cart_digest' => $checkout->digest, 'state' => PaymentState::Open])->refresh();
            app(SettlePayment::class)($payment, FakeProvider::statement($payment, ProviderState::Authorised));
            app(NoteCapture::class)($payment->refresh());
        }

        return Order::query()->where('checkout_id', $checkout->id)->sole();
    }

    protected function paymentOf(Order $order): Payment
    {
        return Payment::query()->where('checkout_id', $order->checkout_id)->sole();
    }
}
