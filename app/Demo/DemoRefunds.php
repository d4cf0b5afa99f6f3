<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Order;
use App\Models\Person;
use App\Models\Refund;
use App\Models\Shop;
use App\Refunds\CancelOrder;
use App\Refunds\ReadBalance;
use App\Refunds\RefundOrder;
use App\Refunds\RefundRequested;
use App\Refunds\SettleRefund;
use Carbon\CarbonImmutable;
use LogicException;
use PaperKite\Payment\RefundState;
use PaperKite\Refund\Wish;

/** One order of the demo that was given back whole, one of which a piece came back, one that was cancelled: each a day after it came in. */
final readonly class DemoRefunds
{
    private const WHOLE = 1004;

    private const A_PIECE = 1007;

    private const CANCELLED = 1010;

    public function __construct(
        private RefundOrder $refund,
        private CancelOrder $cancel,
        private SettleRefund $settle,
        private DemoPayments $payments,
    ) {}

    public function load(Shop $shop): void
    {
        $person = $shop->people()->first();
        $this->aDayLater($shop, self::WHOLE, fn (Order $order) => ($this->refund)($order, $this->request($order, ReadBalance::of($order)->everything(), 'The jar broke on its way. We are sorry.', false, $person)));
        $this->aDayLater($shop, self::A_PIECE, fn (Order $order) => ($this->refund)($order, $this->request($order, Wish::goods([(int) $order->lines[0]?->id => 1], $order->money(0)), '', true, $person)));
        $this->aDayLater($shop, self::CANCELLED, fn (Order $order) => ($this->cancel)($order, ReadBalance::of($order)->left, true, $person));
    }

    private function request(Order $order, Wish $wish, string $reason, bool $isRestocked, ?Person $person): RefundRequested
    {
        return new RefundRequested("demo-{$order->number}", $wish, ReadBalance::of($order)->giving($wish)->amount, $reason, $isRestocked, $person);
    }

    /** @param  callable(Order): void  $act */
    private function aDayLater(Shop $shop, int $number, callable $act): void
    {
        $order = Order::query()->where(['shop_id' => $shop->id, 'number' => $number])->with(ReadBalance::WITH)->firstOrFail();
        CarbonImmutable::setTestNow($order->placed_at->addDay());
        try {
            $act($order);
            $refund = Refund::query()->where('order_id', $order->id)->with(['order', 'payment'])->sole();
            $this->payments->giveBack($refund->payment ?? throw new LogicException('The demo’s orders were paid at the provider.'), $order->money($refund->amount_minor)->decimal(), $refund->key());
            ($this->settle)($refund, RefundState::Done);
        } finally {
            CarbonImmutable::setTestNow();
        }
    }
}
