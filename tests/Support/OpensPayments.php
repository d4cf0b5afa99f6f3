<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Carts\CartContents;
use App\Carts\ReckonCart;
use App\Models\Cart;
use App\Models\Checkout;
use App\Models\CheckoutState;
use App\Models\FrozenCheckout;
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
    protected function opened(Shop $shop, Product $product, int $quantity, ?Variant $variant = null, ?string $coupon = null, string $email = 'ada@letters.example'): Payment
    {
        $cart = Cart::query()->create(['shop_id' => $shop->id, 'ref' => Secrets::ref(), 'visitor' => bin2hex(random_bytes(32)), 'coupon_code' => $coupon, 'created_at' => now()]);
        $cart->lines()->create(['product_id' => $product->id, 'variant_id' => $variant?->id, 'quantity' => $quantity]);
        $bill = app(ReckonCart::class)($shop, CartContents::of($cart), 'GB');
        $receipt = $bill->receipt ?? self::fail('The cart can’t be reckoned.');

        $checkout = Checkout::query()->create([
            'shop_id' => $shop->id, 'cart_id' => $cart->id, 'reference' => Secrets::token(), 'digest' => CartDigest::of($receipt), 'state' => CheckoutState::Open,
            'bill' => FrozenCheckout::of($cart, $receipt, new ShopperDetails($email, 'Ada Nwosu-Reed', '12 Chandler Court', '', 'Tarnmouth', 'GB'), $bill->coupon),
        ]);

        return $checkout->payments()->create([
            'shop_id' => $shop->id, 'reference' => Secrets::token(), 'provider_id' => 'pm-'.bin2hex(random_bytes(6)), 'amount_minor' => $receipt->dueNow->minor,
            'currency' => $shop->currency, 'payee' => (string) $shop->payee, 'cart_digest' => CartDigest::of($receipt), 'state' => PaymentState::Open,
        ])->refresh()->setRelation('checkout', $checkout);
    }
}
