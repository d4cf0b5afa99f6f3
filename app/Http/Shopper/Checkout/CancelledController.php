<?php

declare(strict_types=1);

namespace App\Http\Shopper\Checkout;

use App\Models\Checkout;
use App\Models\CheckoutState;
use App\Models\Shop;
use App\Payments\AskProvider;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Response as Answer;

/** Where the shopper comes back to who left the payment: nothing was paid, and the cart is as it was. */
final readonly class CancelledController
{
    public function __construct(private AskProvider $ask) {}

    public function __invoke(Shop $shop, string $reference): RedirectResponse|Response
    {
        $checkout = Checkout::query()->where(['shop_id' => $shop->id, 'reference' => $reference])->firstOrFail();
        $payment = $checkout->payments()->latest('id')->first();
        if ($payment !== null) {
            ($this->ask)($payment);
        }
        $checkout = $checkout->refresh()->load('cart');
        if ($checkout->state === CheckoutState::Ordered) {
            return new RedirectResponse("/return/{$reference}", Answer::HTTP_SEE_OTHER);
        }

        if ($shop->checkout_rules->afterCancelling !== null) {
            return new RedirectResponse($shop->checkout_rules->afterCancelling, Answer::HTTP_SEE_OTHER);
        }

        return response()->view('shop.notice', [
            'shop' => $shop,
            'title' => $shop->wording()->say('notice.nothing_paid'),
            'text' => $shop->wording()->say('notice.left'),
            'link' => $checkout->cart === null ? '/cart' : $shop->checkoutPath($checkout->cart->ref),
            'linkText' => $shop->wording()->say('notice.to_checkout'),
            'others' => [],
        ]);
    }
}
