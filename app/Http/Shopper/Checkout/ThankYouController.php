<?php

declare(strict_types=1);

namespace App\Http\Shopper\Checkout;

use App\Http\Shopper\ReadCaller;
use App\Http\Shopper\Visitor;
use App\Models\Order;
use App\Models\Payment;
use App\Models\Shop;
use App\Orders\OrderCalendar;
use App\Payments\PaymentProvider;
use App\Shoppers\SendLink;
use App\Shoppers\ShopperSession;
use App\Time\Clock;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PaperKite\Calendar\CalendarFile;
use PaperKite\Order\GoodsState;
use PaperKite\Words\Phrase;
use PaperKite\Words\Said;
use PaperKite\Words\Wording;
use Symfony\Component\HttpFoundation\Response as Answer;

/** An order as its shopper sees it: all of it for a day, then its goods and state, until a fresh link is asked for. */
final readonly class ThankYouController
{
    private const OPEN_HOURS = 24;

    public function __construct(
        private PaymentProvider $provider,
        private SendLink $send,
        private ReadCaller $caller,
        private Clock $clock,
        private ShopperSession $session,
    ) {}

    public function show(Request $request, Shop $shop, string $token): Response
    {
        $order = $this->order($shop, $token)->load(['lines.product', 'lines.variant', 'lines.download.files', 'payments']);

        return response()->view('shop.thanks', [
            'shop' => $shop,
            'order' => $order,
            'state' => $this->state($order, $shop->wording()),
            'isOpen' => $order->placed_at->addHours(self::OPEN_HOURS)->greaterThan($this->clock->now()) || $order->opened_until?->greaterThan($this->clock->now()) === true || $this->isTheirs($request, $shop, $order),
            'isSent' => $request->query('after') === 'sent',
            'payNotice' => $this->provider->notice(),
        ]);
    }

    /** Whoever is signed in with its address sees all of it at any time. */
    private function isTheirs(Request $request, Shop $shop, Order $order): bool
    {
        return $order->email_key !== null && $order->email_key === $this->session->emailKey($shop, Visitor::of($request)->owner());
    }

    /** What takes place, as a file that calendar programs read: moved on with it, however often it is fetched. */
    public function calendar(Shop $shop, string $token): Response
    {
        $order = $this->order($shop, $token)->load(['lines.product', 'lines.variant']);
        $events = OrderCalendar::of($order, $shop);

        return $events === [] ? abort(404) : response(CalendarFile::of($events, $this->clock->moment()), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"order-{$order->number}.ics\"",
            'X-Robots-Tag' => 'noindex',
        ]);
    }

    public function ask(Request $request, Shop $shop, string $token): RedirectResponse
    {
        $this->send->toOpen($this->order($shop, $token)->setRelation('shop', $shop), ($this->caller)($request));

        return new RedirectResponse("/thanks/{$token}?after=sent", Answer::HTTP_SEE_OTHER);
    }

    /** How far goods and money have come, as far as a shopper wants to know. */
    private function state(Order $order, Wording $words): string
    {
        $back = $order->money(array_sum($order->payments->map(static fn (Payment $payment): int => $payment->refunded_minor)->all()));
        $said = [...($order->goods_state === GoodsState::Cancelled ? [Said::of(Phrase::OrderCancelled)] : []), $order->money_state->said($back)];

        return implode(' ', array_map(static fn (Said $one): string => $one->in($words), $said));
    }

    private function order(Shop $shop, string $token): Order
    {
        return Order::query()->where(['shop_id' => $shop->id, 'token' => $token])->firstOrFail();
    }
}
