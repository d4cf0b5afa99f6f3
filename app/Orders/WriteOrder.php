<?php

declare(strict_types=1);

namespace App\Orders;

use App\Models\Cart;
use App\Models\CartLine;
use App\Models\FrozenLine;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Payment;
use App\Models\Shop;
use App\Models\StockMovement;
use App\Results\EventGoods;
use App\Results\LineOfEvent;
use App\Results\RecordLines;
use App\Text\Secrets;
use App\Time\Clock;
use PaperKite\Checkout\ShopperDetails;
use PaperKite\Link\Device;
use PaperKite\Results\EventKind;

/** Writes the order of an authorised payment and takes its goods off the shelf and out of the cart. */
final readonly class WriteOrder
{
    private const SERIES = 'order';

    public function __construct(
        private TakeFromStock $take,
        private CouponUse $coupon,
        private NextNumber $next,
        private Clock $clock,
        private RecordLines $record,
    ) {}

    /**
     * Runs inside the transaction that settles the payment.
     *
     * @throws GoodsGone when fewer pieces are left than were paid for, or the coupon is used up
     */
    public function __invoke(Payment $payment): Order
    {
        $checkout = $payment->checkout;
        $missing = ($this->take)($checkout->lines);
        if ($checkout->couponId !== null) {
            $this->coupon->take($checkout->couponId, $checkout->shopper->email);
        }
        $order = $this->order($payment);
        if ($checkout->couponId !== null) {
            $this->coupon->note($checkout->couponId, $order->id, $checkout->shopper->email);
        }
        foreach ($checkout->lines as $i => $line) {
            $this->line($order, $line, $missing[$i]);
        }
        $this->count($payment);
        $this->takeFromCart($payment);

        return $order;
    }

    private function count(Payment $payment): void
    {
        $device = Cart::query()->whereKey($payment->cart_id)->value('device');
        $shop = Shop::query()->findOrFail($payment->shop_id, ['id', 'timezone', 'currency']);
        ($this->record)(EventKind::Order, $shop, $payment->checkout->shopper->country, is_int($device) ? Device::numbered($device) : null, array_map(
            static fn (FrozenLine $line): LineOfEvent => new LineOfEvent($line->placementId, $line->labelId, new EventGoods(
                $line->productId, $line->quantity, $line->subtotalMinor - $line->discountMinor, $line->profitMinor ?? 0,
            )),
            $payment->checkout->lines,
        ));
    }

    private function line(Order $order, FrozenLine $line, int $backOrdered): void
    {
        $written = OrderLine::query()->create([
            'order_id' => $order->id,
            'product_id' => $line->productId,
            'variant_id' => $line->variantId,
            'placement_id' => $line->placementId,
            'label_id' => $line->labelId,
            'sku' => $line->sku,
            'name' => $line->name,
            'choices' => $line->choices,
            'picture' => $line->picture,
            'quantity' => $line->quantity,
            'terms' => $line->terms,
            'amount_minor' => $line->amountMinor,
            'back_ordered' => $backOrdered,
            'unit_minor' => $line->unitMinor,
            'subtotal_minor' => $line->subtotalMinor,
            'discount_minor' => $line->discountMinor,
            'tax_minor' => $line->taxMinor,
            'tax_class' => $line->taxClass,
            'tax_rate' => $line->taxRate,
            'profit_minor' => $line->profitMinor,
            'because' => $line->because,
        ]);
        $this->takeOut($order, $written, $line);
    }

    private function takeOut(Order $order, OrderLine $written, FrozenLine $line): void
    {
        StockMovement::query()->insert([
            'product_id' => $line->productId,
            'variant_id' => $line->variantId,
            'order_id' => $order->id,
            'order_line_id' => $written->id,
            'pieces' => -$line->quantity,
            'created_at' => $order->placed_at,
        ]);
    }

    private function order(Payment $payment): Order
    {
        $checkout = $payment->checkout;

        return Order::query()->create([
            ...$this->shopper($checkout->shopper),
            'shop_id' => $payment->shop_id,
            'payment_id' => $payment->id,
            'number' => ($this->next)($payment->shop_id, self::SERIES),
            'token' => Secrets::token(),
            'currency' => $payment->currency,
            'items_minor' => $checkout->itemsMinor,
            'discount_minor' => $checkout->discountMinor,
            'shipping_minor' => $checkout->shippingMinor,
            'tax_minor' => $checkout->taxMinor,
            'shipping_tax_minor' => $checkout->shippingTaxMinor,
            'shipping_tax_rate' => $checkout->shippingTaxRate,
            'tax_is_contained' => $checkout->taxIsContained,
            'total_minor' => $payment->amount_minor,
            'profit_minor' => $checkout->profitMinor,
            'coupon_code' => $checkout->couponCode,
            'reasons' => $checkout->reasons,
            'placed_at' => $this->clock->now(),
            'captured_at' => $payment->amount()->isZero() ? $this->clock->now() : null,
        ]);
    }

    /** @return array<string, string> */
    private function shopper(ShopperDetails $shopper): array
    {
        return [
            'email' => $shopper->email,
            'name' => $shopper->name,
            'company' => $shopper->company,
            'street' => $shopper->street,
            'postcode' => $shopper->postcode,
            'town' => $shopper->town,
            'country' => $shopper->country,
            'phone' => $shopper->phone,
            'comment' => $shopper->comment,
        ];
    }

    /** What was added to the cart while the shopper paid stays in it. */
    private function takeFromCart(Payment $payment): void
    {
        foreach (CartLine::query()->where('cart_id', $payment->cart_id)->without(['product', 'variant.picture'])->get() as $line) {
            $paid = collect($payment->checkout->lines)
                ->first(fn (FrozenLine $frozen): bool => $frozen->pickKey() === $line->pick_key)
                ->quantity ?? 0;
            match (true) {
                $paid === 0 => null,
                $line->quantity <= $paid => $line->delete(),
                default => $line->update(['quantity' => $line->quantity - $paid]),
            };
        }
    }
}
