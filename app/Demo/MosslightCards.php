<?php

declare(strict_types=1);

namespace App\Demo;

use App\Carts\CardPayment;
use App\Carts\CartContents;
use App\Carts\ReckonCart;
use App\GiftCards\VoidCard;
use App\Models\Cart;
use App\Models\Checkout;
use App\Models\CheckoutState;
use App\Models\FrozenCheckout;
use App\Models\GiftCard;
use App\Models\Order;
use App\Models\Product;
use App\Models\Shop;
use App\Orders\WriteOrder;
use App\Text\Secrets;
use App\Time\Clock;
use LogicException;
use PaperKite\Catalogue\TermsKind;
use PaperKite\Checkout\CartDigest;
use PaperKite\Checkout\ShopperDetails;

/** Gift cards in several states: one unused, one half used, one used up, one ended, one that waits for its day. */
final readonly class MosslightCards
{
    public function __construct(
        private WriteOrder $writeOrder,
        private ReckonCart $reckon,
        private VoidCard $void,
        private DemoPayments $payments,
        private Clock $clock,
    ) {}

    /** @param  array<string, Product>  $goods  by SKU */
    public function load(Shop $shop, array $goods): void
    {
        $card = $goods['gift-card'];
        $this->bought($shop, $card, 5000, ['name' => 'Orla Finnerty', 'email' => 'orla@letters.example', 'message' => 'For a year of good breakfasts.'], 'pm-demo-card-1');
        $half = $this->bought($shop, $card, 2500, ['name' => 'Jonas', 'email' => 'jonas@letters.example', 'message' => 'Happy birthday from all of us.'], 'pm-demo-card-2');
        $used = $this->bought($shop, $card, 1500, [], 'pm-demo-card-3');
        $lost = $this->bought($shop, $card, 2500, ['name' => 'Maeve', 'email' => 'maeve@letters.example'], 'pm-demo-card-4');
        $this->bought($shop, $card, 5000, ['name' => 'Tomás', 'email' => 'tomas@letters.example', 'message' => 'Open it with tea.', 'day' => $this->clock->now()->addDays(12)->toDateString()], 'pm-demo-card-5');
        $this->order($shop, $goods['honey-170'], 1, null, [], [$half], null);
        $this->order($shop, $goods['candle'], 1, null, [], [$used, $half], null);
        ($this->void)($lost, 'Bought twice by mistake', $shop->people()->first());
    }

    /** @param  array<string, string>  $gift */
    private function bought(Shop $shop, Product $product, int $minor, array $gift, string $payment): GiftCard
    {
        $order = $this->order($shop, $product, 1, $minor, $gift, [], $payment);

        return GiftCard::query()->whereIn('order_line_id', $order->lines()->select('id'))->firstOrFail();
    }

    /**
     * @param  array<string, string>  $gift
     * @param  list<GiftCard>  $cards  that pay as far as they go
     */
    private function order(Shop $shop, Product $product, int $quantity, ?int $minor, array $gift, array $cards, ?string $paymentId): Order
    {
        $cart = Cart::query()->create(['shop_id' => $shop->id, 'ref' => Secrets::ref(), 'visitor' => hash('sha256', 'demo card '.Secrets::token()), 'created_at' => $this->clock->now()]);
        $cart->lines()->create(['product_id' => $product->id, 'quantity' => $quantity, 'gifts' => $gift === [] ? null : [$gift]] + ($minor === null ? [] : ['terms' => TermsKind::Giving->value, 'amount_minor' => $minor]));
        $cart->giftCards()->attach(array_map(static fn (GiftCard $card): int => $card->id, $cards));
        $bill = ($this->reckon)($shop, CartContents::of($cart->refresh()), 'IE');
        $receipt = $bill->receipt ?? throw new LogicException('A cart of the demo can’t be reckoned.');
        $shopper = $minor === null ? new ShopperDetails('ada@letters.example', 'Ada Nwosu-Reed', '12 Chandler Court', '', 'Tarnmouth', 'IE') : new ShopperDetails('ada@letters.example', '', '', '', '', '');
        $checkout = Checkout::query()->create(['shop_id' => $shop->id, 'cart_id' => $cart->id, 'reference' => Secrets::token(), 'digest' => CartDigest::of($receipt), 'bill' => FrozenCheckout::of($cart, $receipt, $shopper, null, CardPayment::frozen($bill->cards)), 'state' => CheckoutState::Ordered]);
        $order = ($this->writeOrder)($checkout);
        if ($receipt->dueNow->minor > 0) {
            $this->payments->take($shop, $checkout, $order, $receipt->dueNow, $paymentId ?? 'pm-demo-rest');
        }
        $cart->delete();

        return $order;
    }
}
