<?php

declare(strict_types=1);

namespace App\Payments;

use App\Checkout\FrozenLine;
use App\Models\CartLine;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Payment;
use App\Models\Product;
use App\Models\Shop;
use App\Models\StockMovement;
use App\Secrets;

/** Writes the order of an authorised payment and takes its goods off the shelf and out of the cart. */
final readonly class WriteOrder
{
    /**
     * Runs inside the transaction that settles the payment.
     *
     * @throws GoodsGone when a product has fewer pieces left than were paid for
     */
    public function __invoke(Payment $payment): Order
    {
        // Always in the order of their ids: two orders that share products then wait for, and never on, each other.
        $lines = collect($payment->checkout->lines)->sortBy('productId');
        $lines->each($this->takeFromStock(...));

        $order = $this->order($payment);
        OrderLine::query()->insert(array_map(fn (FrozenLine $line): array => [
            'order_id' => $order->id,
            'product_id' => $line->productId,
            'placement_id' => $line->placementId,
            'sku' => $line->sku,
            'name' => $line->name,
            'picture' => $line->picture->value,
            'quantity' => $line->quantity,
            'unit_minor' => $line->unitMinor,
            'subtotal_minor' => $line->subtotalMinor,
        ], $payment->checkout->lines));
        StockMovement::query()->insert($lines->map(fn (FrozenLine $line): array => [
            'product_id' => $line->productId,
            'order_id' => $order->id,
            'pieces' => -$line->quantity,
            'created_at' => $order->placed_at,
        ])->values()->all());
        $this->takeFromCart($payment);

        return $order;
    }

    private function takeFromStock(FrozenLine $line): void
    {
        $taken = Product::query()
            ->whereKey($line->productId)
            ->where(fn ($query) => $query->whereNull('stock')->orWhere('stock', '>=', $line->quantity))
            ->decrement('stock', $line->quantity);
        if ($taken === 0) {
            throw GoodsGone::product($line->productId);
        }
    }

    private function order(Payment $payment): Order
    {
        $checkout = $payment->checkout;

        return Order::query()->create([
            'shop_id' => $payment->shop_id,
            'payment_id' => $payment->id,
            'number' => $this->nextNumber($payment->shop_id),
            'token' => Secrets::token(),
            'email' => $checkout->shopper->email,
            'name' => $checkout->shopper->name,
            'street' => $checkout->shopper->street,
            'postcode' => $checkout->shopper->postcode,
            'town' => $checkout->shopper->town,
            'country' => $checkout->shopper->country,
            'currency' => $payment->currency,
            'items_minor' => $checkout->itemsMinor,
            'shipping_minor' => $checkout->shippingMinor,
            'total_minor' => $payment->amount_minor,
            'shipping_because' => $checkout->shippingBecause,
            'placed_at' => now(),
            'captured_at' => $payment->amount()->isZero() ? now() : null,
        ]);
    }

    private function nextNumber(int $shopId): int
    {
        $shop = Shop::query()->whereKey($shopId)->lockForUpdate()->firstOrFail();
        $shop->update(['last_order_number' => $shop->last_order_number + 1]);

        return $shop->last_order_number;
    }

    /** What was added to the cart while the shopper paid stays in it. */
    private function takeFromCart(Payment $payment): void
    {
        foreach (CartLine::query()->where('cart_id', $payment->cart_id)->get() as $line) {
            $paid = collect($payment->checkout->lines)->firstWhere('productId', $line->product_id)->quantity ?? 0;
            match (true) {
                $paid === 0 => null,
                $line->quantity <= $paid => $line->delete(),
                default => $line->update(['quantity' => $line->quantity - $paid]),
            };
        }
    }
}
