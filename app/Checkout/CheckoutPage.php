<?php

declare(strict_types=1);

namespace App\Checkout;

use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Shop;
use App\Payments\PaymentProvider;
use Illuminate\Http\Response;
use PaperKite\Checkout\CartDigest;
use Symfony\Component\Intl\Countries;

/** The checkout as it is shown: at first, after a mistake, after the world has changed. */
final readonly class CheckoutPage
{
    public function __construct(private PaymentProvider $provider) {}

    public function shown(Shop $shop, Cart $cart, ?string $notice): Response
    {
        return $this->page($shop, $cart, $cart->typed ?? [], 200, $notice);
    }

    /**
     * @param  array<string, string>  $typed
     * @param  array<string, string>  $errors  a sentence by field
     * @param  array<int, string>  $quantities  as typed, by line
     * @param  array<int, string>  $lineErrors  a sentence by line
     */
    public function corrected(Shop $shop, Cart $cart, array $typed, array $errors, array $quantities = [], array $lineErrors = []): Response
    {
        return $this->page($shop, $cart, $typed, 422, null, $errors, $quantities, $lineErrors);
    }

    public function refused(Shop $shop, Cart $cart, int $status, string $sentence): Response
    {
        return $this->page($shop, $cart, $cart->typed ?? [], $status, $sentence);
    }

    /**
     * @param  array<string, string>  $typed
     * @param  array<string, string>  $errors
     * @param  array<int, string>  $quantities
     * @param  array<int, string>  $lineErrors
     */
    private function page(Shop $shop, Cart $cart, array $typed, int $status, ?string $notice, array $errors = [], array $quantities = [], array $lineErrors = []): Response
    {
        $receipt = $cart->receipt($shop);

        return response()->view('shop.checkout', [
            'shop' => $shop,
            'cart' => $cart,
            'receipt' => $receipt,
            'digest' => CartDigest::of($receipt),
            'typed' => $typed,
            'errors' => $errors,
            'quantities' => $quantities,
            'lineErrors' => $lineErrors + $this->stockErrors($cart),
            'notice' => $notice,
            'payNotice' => $this->provider->notice(),
            'countries' => Countries::getNames('en'),
        ], $status);
    }

    /** @return array<int, string> a sentence by line */
    private function stockErrors(Cart $cart): array
    {
        return $cart->lines
            ->filter(fn (CartLine $line): bool => ! $line->product->toCore()->stock->covers($line->quantity))
            ->mapWithKeys(fn (CartLine $line): array => [$line->id => match ($line->product->stock) {
                0 => 'This has sold out; remove it to go on.',
                default => "Only {$line->product->stock} left; take fewer to go on.",
            }])
            ->all();
    }
}
