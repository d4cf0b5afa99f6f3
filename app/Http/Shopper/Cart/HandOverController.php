<?php

declare(strict_types=1);

namespace App\Http\Shopper\Cart;

use App\Carts\LeadOver;
use App\Carts\TakenOver;
use App\Carts\TakeOver;
use App\Carts\TooManyCarts;
use App\Http\Shopper\Offers\PlacementNotices;
use App\Http\Shopper\ReadCaller;
use App\Http\Shopper\RequestHeaders;
use App\Http\Shopper\Visitor;
use App\Models\Shop;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PaperKite\Link\Visit;
use Symfony\Component\HttpFoundation\Response as Answer;

/** Where a shopper comes to from the cart of a widget, by an address that works once. */
final readonly class HandOverController
{
    public function __construct(
        private TakeOver $takeOver,
        private PlacementNotices $notices,
        private ReadCaller $caller,
        private string $key,
    ) {}

    public function __invoke(Request $request, Shop $shop, string $token): Answer
    {
        return match (Visit::of($request->method(), RequestHeaders::ofVisit($request))) {
            Visit::Silent, Visit::Preview => response()->noContent(),
            Visit::Frame => $this->frame($shop, $token),
            Visit::Navigation => $this->taken($request, $shop, $token),
        };
    }

    private function taken(Request $request, Shop $shop, string $token): Answer
    {
        $caller = ($this->caller)($request);
        $from = hash_hmac('sha256', "{$caller->address}|{$caller->agent}|{$caller->languages}", $this->key);
        $visitor = Visitor::bringing($request, $token, $this->key);
        try {
            $taken = ($this->takeOver)($shop, $token, $visitor->owner(), $caller, $from);
        } catch (TooManyCarts) {
            return $this->notices->tooManyCarts($shop);
        }

        return $taken === null ? $this->notices->used($shop) : $this->onwards($shop, $taken, $visitor);
    }

    private function onwards(Shop $shop, TakenOver $taken, Visitor $visitor): RedirectResponse
    {
        $answer = new RedirectResponse($taken->toPay ? $shop->checkoutPath($taken->cart->ref) : '/cart', Answer::HTTP_SEE_OTHER);
        $answer->headers->setCookie($visitor->cookie());

        return $answer;
    }

    /** In a frame nothing is taken over: one button opens the address in the whole window. */
    private function frame(Shop $shop, string $token): Response
    {
        return response()->view('shop.frame', ['shop' => $shop, 'caption' => $shop->wording()->say('cart.title'), 'link' => LeadOver::PATH.$token, 'partner' => null], 200, [
            'X-Robots-Tag' => 'noindex',
            'Content-Security-Policy' => "default-src 'none'; style-src 'self'; font-src 'self'; base-uri 'none'; form-action 'none'",
        ]);
    }
}
