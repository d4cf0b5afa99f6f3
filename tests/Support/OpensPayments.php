<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Carts\CardPayment;
use App\Carts\CartContents;
use App\Carts\ReckonCart;
use App\Models\Cart;
use App\Models\Checkout;
use App\Models\CheckoutState;
use App\Models\FrozenCheckout;
use App\Models\GiftCard;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Product;
use App\Models\Shop;
use App\Models\Variant;
use App\Text\Secrets;
use PaperKite\Checkout\CartDigest;
use PaperKite\Checkout\ShopperDetails;

/** A payment as it stands after a shopper has pressed pay, and before the provider has said anything. */
trait OpensPayments
{
    /** @param  list<GiftCard>  $cards  that are to pay */
    protected function opened(Shop $shop, Product $product, int $quantity, ?Variant $variant = null, ?string $coupon = null, string $email = 'ada@letters.example', array $cards = []): Payment
    {
        $checkout = $this->openedCheckout($shop, $product, $quantity, $variant, $coupon, $email, $cards);
        $due = $checkout->bill->dueNow();

        return $checkout->payments()->create([
            'shop_id' => $shop->id, 'reference' => Secrets::token(), 'provider_id' => 'pm-'.bin2hex(random_bytes(6)), 'amount_minor' => $due,
            'currency' => $shop->currency, 'payee' => (string) $shop->payee, 'cart_digest' => $checkout->digest, 'state' => PaymentState::Open,
        ])->refresh()->setRelation('checkout', $checkout);
    }

    /**
     * @param  list<GiftCard>  $cards  that are to pay
     * @param  array<string, string>  $gift  for whom it is, by field
     */
    protected function openedCheckout(Shop $shop, Product $product, int $quantity, ?Variant $variant = null, ?string $coupon = null, string $email = 'ada@letters.example', array $cards = [], ?int $amount = null, array $gift = []): Checkout
    {
        $cart = Cart::query()->create(['shop_id' => $shop->id, 'ref' => Secrets::ref(), 'visitor' => bin2hex(random_bytes(32)), 'coupon_code' => $coupon, 'created_at' => now()]);
        $cart->lines()->create(['product_id' => $product->id, 'variant_id' => $variant?->id, 'quantity' => $quantity, 'gifts' => $gift === [] ? null : [$gift]] + ($amount === null ? [] : ['terms' => 'giving', 'amount_minor' => $amount]));
        foreach ($cards as $card) {
            $cart->giftCards()->attach($card->id);
        }
        $bill = app(ReckonCart::class)($shop, CartContents::of($cart), 'GB');
        $receipt = $bill->receipt ?? self::fail('The cart can’t be reckoned.');

        return Checkout::query()->create([
            'shop_id' => $shop->id, 'cart_id' => $cart->id, 'reference' => Secrets::token(), 'digest' => CartDigest::of($receipt), 'state' => CheckoutState::Open,
            'bill' => FrozenCheckout::of($cart, $receipt, new ShopperDetails($email, 'Ada Nwosu-Reed', '12 Chandler Court', '', 'Tarnmouth', 'GB'), $bill->coupon, CardPayment::frozen($bill->cards)),
        ]);
    }
}
