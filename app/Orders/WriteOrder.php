<?php

declare(strict_types=1);

namespace App\Orders;

use App\Finding\Kind;
use App\Finding\WriteWords;
use App\Fulfilment\Fulfilments;
use App\Fulfilment\GoodsGone;
use App\Fulfilment\PayWithCards;
use App\Models\Cart;
use App\Models\Checkout;
use App\Models\FrozenCheckout;
use App\Models\FrozenLine;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Shop;
use App\Results\EventGoods;
use App\Results\LineOfEvent;
use App\Results\RecordLines;
use App\Text\Secrets;
use App\Time\Clock;
use Carbon\CarbonImmutable;
use PaperKite\Checkout\ShopperDetails;
use PaperKite\Link\Device;
use PaperKite\Order\GoodsState;
use PaperKite\Order\MoneyState;
use PaperKite\Results\EventKind;

/** Writes the order of a checkout whose money is held and takes its goods off the shelf and out of the cart. */
final readonly class WriteOrder
{
    private const SERIES = 'order';

    public function __construct(
        private Fulfilments $fulfil,
        private CouponUse $coupon,
        private PayWithCards $cards,
        private NextNumber $next,
        private Clock $clock,
        private RecordLines $record,
        private TakeFromCarts $takeFromCarts,
        private WriteWords $words,
    ) {}

    /**
     * Runs inside the transaction that settles the payment.
     *
     * @throws GoodsGone when fewer pieces are left than were paid for, the coupon is used up, or a gift card has less on it
     */
    public function __invoke(Checkout $checkout): Order
    {
        $bill = $checkout->bill;
        $missing = $this->fulfil->take($bill->lines);
        if ($bill->couponId !== null) {
            $this->coupon->take($bill->couponId, $bill->shopper->email);
        }
        $cards = $this->cards->lock($bill->cards);
        $shop = Shop::query()->findOrFail($checkout->shop_id);
        $order = $this->order($checkout, $shop)->setRelation('shop', $shop);
        $this->cards->debit($bill->cards, $cards, $order);
        if ($bill->couponId !== null) {
            $this->coupon->note($bill->couponId, $order->id, $bill->shopper->email);
        }
        $written = [];
        foreach ($bill->lines as $i => $line) {
            $written[$i] = $this->line($order, $line, $missing[$i]);
        }
        $this->fulfil->handOver($written, $bill->lines);
        $this->words->of(Kind::Order, $shop, [$order->id]);
        $this->count($checkout, $shop);
        ($this->takeFromCarts)($checkout);

        return $order;
    }

    private function count(Checkout $checkout, Shop $shop): void
    {
        $device = Cart::query()->whereKey($checkout->cart_id)->value('device');
        ($this->record)(EventKind::Order, $shop, $checkout->bill->shopper->country, is_int($device) ? Device::numbered($device) : null, array_map(
            static fn (FrozenLine $line): LineOfEvent => new LineOfEvent($line->placementId, $line->offerId, $line->labelId, new EventGoods(
                $line->productId, $line->quantity, $line->subtotalMinor - $line->discountMinor, $line->profitMinor ?? 0,
            )),
            $checkout->bill->lines,
        ));
    }

    private function line(Order $order, FrozenLine $line, int $backOrdered): OrderLine
    {
        return OrderLine::query()->create([
            'order_id' => $order->id,
            'product_id' => $line->productId,
            'variant_id' => $line->variantId,
            'placement_id' => $line->placementId,
            'offer_id' => $line->offerId,
            'label_id' => $line->labelId,
            'sku' => $line->sku,
            'name' => $line->name,
            'choices' => $line->choices,
            'picture' => $line->picture,
            'quantity' => $line->quantity,
            'terms' => $line->terms,
            'amount_minor' => $line->amountMinor,
            'kind' => $line->kind,
            'thanks' => $line->thanks,
            ...self::dated($line),
            'back_ordered' => $backOrdered,
            'unit_minor' => $line->unitMinor,
            'subtotal_minor' => $line->subtotalMinor,
            'discount_minor' => $line->discountMinor,
            'tax_minor' => $line->taxMinor,
            'tax_class' => $line->taxClass,
            'tax_rate' => $line->taxRate,
            'profit_minor' => $line->profitMinor,
            'because' => $line->because,
        ])->setRelation('order', $order);
    }

    /** @return array<string, mixed> */
    private static function dated(FrozenLine $line): array
    {
        return [
            'begins_at' => $line->begins === null ? null : CarbonImmutable::createFromTimestampUTC($line->begins),
            'ends_at' => $line->ends === null ? null : CarbonImmutable::createFromTimestampUTC($line->ends),
            'place' => $line->place,
            'event_sequence' => $line->eventSequence,
            'attendees' => $line->attendees === [] ? null : $line->attendees,
        ];
    }

    private function order(Checkout $checkout, Shop $shop): Order
    {
        $bill = $checkout->bill;
        $now = $this->clock->now();

        return Order::query()->create([
            ...$this->shopper($bill->shopper),
            ...$this->amounts($bill),
            'shop_id' => $checkout->shop_id,
            'checkout_id' => $checkout->id,
            'currency' => $bill->currency ?? $shop->currency,
            'number' => ($this->next)($checkout->shop_id, self::SERIES),
            'token' => Secrets::token(),
            'coupon_code' => $bill->couponCode,
            'reasons' => $bill->reasons,
            'placed_at' => $now,
            'goods_state' => array_filter($bill->lines, static fn (FrozenLine $line): bool => $line->kind->ships()) === [] ? GoodsState::Nothing : GoodsState::New,
            'captured_at' => $bill->dueNow() === 0 ? $now : null,
            'money_state' => $bill->dueNow() === 0 ? MoneyState::Paid : MoneyState::Authorised,
        ]);
    }

    /** @return array<string, int|string|bool|null> */
    private function amounts(FrozenCheckout $bill): array
    {
        return [
            'items_minor' => $bill->itemsMinor,
            'discount_minor' => $bill->discountMinor,
            'shipping_minor' => $bill->shippingMinor,
            'tax_minor' => $bill->taxMinor,
            'shipping_tax_minor' => $bill->shippingTaxMinor,
            'shipping_tax_rate' => $bill->shippingTaxRate,
            'tax_is_contained' => $bill->taxIsContained,
            'total_minor' => $bill->totalMinor(),
            'due_now_minor' => $bill->dueNow(),
            'gift_cards_minor' => $bill->cardsMinor(),
            'later_minor' => $bill->totalMinor() - $bill->dueNow() - $bill->cardsMinor(),
            'profit_minor' => $bill->profitMinor,
        ];
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
}
