<?php

declare(strict_types=1);

namespace App\Http\Shopper\Checkout;

use App\Models\Checkout;
use App\Models\CheckoutState;
use App\Models\PaymentState;
use App\Models\Shop;
use App\Payments\AskProvider;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Response as Answer;

/** Where the shopper comes back to. The address proves nothing: the shop asks the provider itself. */
final readonly class ReturnController
{
    public function __construct(
        private AskProvider $ask,
    ) {}

    public function __invoke(Shop $shop, string $reference): Answer
    {
        $checkout = Checkout::query()->where(['shop_id' => $shop->id, 'reference' => $reference])->firstOrFail();
        $payment = $checkout->payments()->latest('id')->first();
        $payment = $payment === null ? null : ($this->ask)($payment);
        $checkout = $checkout->refresh()->load('order', 'cart');

        $say = $shop->wording();

        return match ($checkout->state) {
            CheckoutState::Ordered => new RedirectResponse($this->afterPaying($shop, $checkout), Answer::HTTP_SEE_OTHER),
            CheckoutState::SoldOut => $this->page($shop, $checkout, $say->say('notice.quicker'), $say->say('notice.quicker_what')),
            CheckoutState::CardShort => $this->page($shop, $checkout, $say->say('notice.card_short'), $say->say('notice.card_short_what')),
            CheckoutState::Superseded => $this->page($shop, $checkout, $say->say('notice.replaced'), $say->say('notice.replaced_what')),
            CheckoutState::Abandoned => $this->page($shop, $checkout, $say->say('notice.nothing_paid'), $say->say('notice.closed')),
            // Whatever became of the payment, it did not become an order: there is nothing to wait for.
            CheckoutState::Open => $payment === null || $payment->state === PaymentState::Open ? $this->waiting($shop) : $this->again($shop, $checkout),
        };
    }

    private function again(Shop $shop, Checkout $checkout): RedirectResponse
    {
        return new RedirectResponse($checkout->cart === null ? '/cart' : $shop->checkoutPath($checkout->cart->ref).'?after=declined', Answer::HTTP_SEE_OTHER);
    }

    /** Where the link said, if that is allowed still; else where the shop says; else our own page. */
    private function afterPaying(Shop $shop, Checkout $checkout): string
    {
        $back = $checkout->cart?->back;

        return match (true) {
            $back !== null && $shop->checkout_rules->allows($back) => $back,
            default => $shop->checkout_rules->afterPaying ?? '/thanks/'.($checkout->order->token ?? ''),
        };
    }

    private function waiting(Shop $shop): Response
    {
        return response()->view('shop.waiting', ['shop' => $shop], 200, ['Refresh' => '3']);
    }

    private function page(Shop $shop, Checkout $checkout, string $title, string $text): Response
    {
        return response()->view('shop.notice', [
            'shop' => $shop,
            'title' => $title,
            'text' => $text,
            'link' => $checkout->cart === null ? '/' : $shop->checkoutPath($checkout->cart->ref),
            'linkText' => $checkout->cart === null ? $shop->wording()->say('notice.to_shop') : $shop->wording()->say('notice.to_checkout'),
            'others' => [],
        ]);
    }
}
