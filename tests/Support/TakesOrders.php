<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Order;
use App\Models\Payment;
use App\Models\Product;
use App\Models\Shop;
use App\Payments\NoteCapture;
use App\Payments\SettlePayment;
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

    protected function paymentOf(Order $order): Payment
    {
        return Payment::query()->where('checkout_id', $order->checkout_id)->sole();
    }
}
