<?php

declare(strict_types=1);

namespace App\Http\Shopper\Checkout;

use App\Models\Payment;
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
        $payment = Payment::query()->where(['shop_id' => $shop->id, 'reference' => $reference])->firstOrFail();
        $payment = ($this->ask)($payment)->load('order', 'cart');

        return match ($payment->state) {
            PaymentState::Ordered => new RedirectResponse($this->afterPaying($shop, $payment), Answer::HTTP_SEE_OTHER),
            PaymentState::Declined => new RedirectResponse($payment->cart === null ? '/cart' : $shop->checkoutPath($payment->cart->ref).'?after=declined', Answer::HTTP_SEE_OTHER),
            PaymentState::SoldOut => $this->page($shop, $payment, 'Somebody was quicker', 'The last piece was sold, or the coupon used up, while you paid. Nothing was taken: the amount that your bank holds is given back.'),
            PaymentState::Superseded => $this->page($shop, $payment, 'This payment was replaced', 'The cart was changed after this payment was begun. Nothing was taken for it.'),
            PaymentState::Abandoned => $this->page($shop, $payment, 'Nothing was paid', 'This payment was closed, since nobody decided on it. Nothing was taken; your cart is as it was.'),
            PaymentState::Open => $this->waiting($shop),
        };
    }

    /** Where the link said, if that is allowed still; else where the shop says; else our own page. */
    private function afterPaying(Shop $shop, Payment $payment): string
    {
        $back = $payment->cart?->back;

        return match (true) {
            $back !== null && $shop->checkout_rules->allows($back) => $back,
            default => $shop->checkout_rules->afterPaying ?? '/thanks/'.($payment->order->token ?? ''),
        };
    }

    private function waiting(Shop $shop): Response
    {
        return response()->view('shop.waiting', ['shop' => $shop], 200, ['Refresh' => '3']);
    }

    private function page(Shop $shop, Payment $payment, string $title, string $text): Response
    {
        return response()->view('shop.notice', [
            'shop' => $shop,
            'title' => $title,
            'text' => $text,
            'link' => $payment->cart === null ? '/' : $shop->checkoutPath($payment->cart->ref),
            'linkText' => $payment->cart === null ? 'To the shop' : 'Back to the checkout',
            'others' => [],
        ]);
    }
}
