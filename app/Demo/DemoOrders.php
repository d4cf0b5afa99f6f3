<?php

declare(strict_types=1);

namespace App\Demo;

use App\Carts\CartContents;
use App\Carts\CartNeeds;
use App\Carts\ReckonCart;
use App\Models\Cart;
use App\Models\Checkout;
use App\Models\CheckoutState;
use App\Models\FrozenCheckout;
use App\Models\Order;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use App\Models\Variant;
use App\Orders\WriteOrder;
use App\Text\Secrets;
use App\Time\Clock;
use Carbon\CarbonImmutable;
use LogicException;
use PaperKite\Catalogue\TermsKind;
use PaperKite\Checkout\CartDigest;
use PaperKite\Checkout\Needs;
use PaperKite\Checkout\ShopperDetails;
use PaperKite\Order\GoodsState;
use Random\Randomizer;

/** Fourteen orders of the last four weeks, written as every order is. */
final readonly class DemoOrders
{
    private const SHOPPERS = [
        ['Orla Finnerty', '3 Alder Row', 'T12 K4P2', 'Tarnbridge', 'IE'],
        ['Jonas Ackerfeld', 'Lindenweg 8', '24937', 'Moorhafen', 'DE'],
        ['Priya Larkspur', '41 Quarry Lane', 'VT6 2QL', 'Upper Tarn', 'GB'],
        ['Tomás Ibarrola', 'Calle del Molino 5', '31491', 'Valdehierba', 'ES'],
        ['Maeve Cullinane', 'Weir Cottage', '', 'Mossfield', 'IE'],
        ['Ada Nwosu-Reed', '12 Chandler Court', 'VT1 9DD', 'Tarnmouth', 'GB'],
    ];

    /** What each order holds: the SKU of a product or variant, and the quantity. */
    private const CARTS = [
        [['honey-340', 1]], [['candle', 2]], [['honey-340', 2], ['wrap-s-clover', 1]], [['honey-170', 1]], [['honey-340', 1]], [['candle', 4]],
        [['wrap-l-plain', 1], ['wrap-l-clover', 1]], [['honey-340', 1], ['honey-170', 1]], [['hive-year', 1]], [['honey-340', 3]], [['honey-170', 2], ['candle', 1]], [['honey-340', 1]],
        [['skep-3', 2]], [['hedgerow', 1]],
    ];

    /** The one order with a coupon. */
    private const WITH_COUPON = 5;

    /** The one order that its shopper fetched. */
    private const COLLECTED = 4;

    public function __construct(
        private WriteOrder $writeOrder,
        private ReckonCart $reckon,
        private DemoPayments $payments,
        private DemoRefunds $refunds,
        private Clock $clock,
    ) {}

    /** @param  list<Placement>  $placements */
    public function load(Shop $shop, array $placements, Randomizer $chance): void
    {
        // The machine’s own clock is what is set back: the demo’s is as far ahead of it as ever.
        $now = CarbonImmutable::now();
        foreach (self::CARTS as $index => $goods) {
            CarbonImmutable::setTestNow($now->subDays(27 - 2 * $index)->setTime($chance->getInt(8, 21), $chance->getInt(0, 59)));
            try {
                $this->order($shop, $index, $goods, $placements);
            } finally {
                CarbonImmutable::setTestNow();
            }
        }
        $this->refunds->load($shop);
    }

    /**
     * @param  list<array{string, int}>  $goods
     * @param  list<Placement>  $placements
     */
    private function order(Shop $shop, int $index, array $goods, array $placements): void
    {
        $cart = $this->cart($shop, $index, $goods, $placements);
        $shopper = $this->shopper($index, CartNeeds::of($shop, $cart));
        $bill = ($this->reckon)($shop, CartContents::of($cart), $shopper->country === '' ? $shop->home_country : $shopper->country);
        $receipt = $bill->receipt ?? throw new LogicException('A cart of the demo can’t be reckoned.');
        $checkout = Checkout::query()->create([
            'shop_id' => $shop->id,
            'cart_id' => $cart->id,
            'reference' => Secrets::token(),
            'digest' => CartDigest::of($receipt),
            'bill' => FrozenCheckout::of($cart, $receipt, $shopper, $bill->coupon),
            'state' => CheckoutState::Ordered,
        ]);
        $order = ($this->writeOrder)($checkout);
        $this->payments->take($shop, $checkout, $order, $receipt->dueNow, sprintf('pm-demo-%02d', $index + 1));
        $this->follow($shop, $order, $index);
        $cart->delete();
    }

    /** The oldest have gone out, the next are packed, the latest are new. */
    private function follow(Shop $shop, Order $order, int $index): void
    {
        $person = $shop->people()->first()?->id;
        $states = match (true) {
            $order->goods_state === GoodsState::Nothing => [],
            $index === self::COLLECTED => [GoodsState::Packed, GoodsState::Collected],
            $index < 8 => [GoodsState::Packed, GoodsState::Sent],
            $index < 10 => [GoodsState::Packed],
            default => [],
        };
        foreach ($states as $hours => $state) {
            $isSent = $state === GoodsState::Sent;
            $order->steps()->create([
                'person_id' => $person, 'goods_state' => $state, 'carrier' => $isSent ? 'Tarn Parcel' : '', 'tracking' => $isSent ? "https://parcels.tarn.example/{$order->number}" : '',
                'at' => $order->placed_at->addHours(3 + 2 * $hours),
            ]);
            $order->update(['goods_state' => $state]);
        }
    }

    private function shopper(int $index, Needs $needs): ShopperDetails
    {
        [$name, $street, $postcode, $town, $country] = self::SHOPPERS[$index % count(self::SHOPPERS)];
        $email = preg_replace('/[^a-z]+/', '.', strtolower(iconv('UTF-8', 'ASCII//TRANSLIT', $name) ?: 'shopper')).'@letters.example';

        return $needs->address ? new ShopperDetails($email, $name, $street, $postcode, $town, $country) : new ShopperDetails($email, '', '', '', '', $needs->country ? $country : '');
    }

    /**
     * @param  list<array{string, int}>  $goods
     * @param  list<Placement>  $placements
     */
    private function cart(Shop $shop, int $index, array $goods, array $placements): Cart
    {
        $cart = Cart::query()->create([
            'shop_id' => $shop->id, 'ref' => Secrets::ref(), 'visitor' => hash('sha256', "demo-{$index}"),
            'coupon_code' => $index === self::WITH_COUPON ? 'BLOSSOM' : null, 'created_at' => $this->clock->now(),
        ]);
        foreach ($goods as [$sku, $quantity]) {
            $variant = Variant::query()->where(['shop_id' => $shop->id, 'sku' => $sku])->first();
            $product = $variant === null ? Product::query()->where(['shop_id' => $shop->id, 'sku' => $sku])->firstOrFail() : $variant->product;
            $placement = collect($placements)->first(fn (Placement $placement): bool => $placement->offer->lines->contains('product_id', $product->id));
            $cart->lines()->create([
                'product_id' => $product->id, 'variant_id' => $variant?->id, 'quantity' => $quantity, 'placement_id' => $placement?->id,
                ...($product->kind->isMoneyItself() ? ['terms' => TermsKind::Giving->value, 'amount_minor' => 2_500] : []),
                ...($product->asksAttendees() ? ['attendees' => ['Orla Finnerty', 'Tadhg Finnerty']] : []),
            ]);
        }

        return $cart->load('lines');
    }
}
