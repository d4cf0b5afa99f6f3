<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\GiftCards\VoidCard;
use App\Models\CardMovement;
use App\Models\GiftCard;
use App\Models\Order;
use App\Models\Payment;
use App\Models\Product;
use App\Models\Refund;
use App\Models\RefundLine;
use App\Models\Shop;
use App\Refunds\ReadBalance;
use App\Refunds\RefundChanged;
use App\Refunds\RefundOrder;
use App\Refunds\RefundRequested;
use App\Refunds\SettleRefund;
use Eris\Generators;
use Eris\TestTrait;
use Illuminate\Support\Facades\Queue;
use PaperKite\GiftCard\MovementKind;
use PaperKite\Payment\RefundState;
use PaperKite\Refund\CantGiveBack;
use PaperKite\Refund\Wish;
use Tests\Support\TakesOrders;
use Tests\TestCase;

/** After two thousand acts in any order, what stands on the cards is what the orders say. */
final class CardLedgerTest extends TestCase
{
    use TakesOrders;
    use TestTrait;

    private const RUNS = 20;

    private const ACTS = 100;

    private Shop $shop;

    private Product $honey;

    public function test_the_ledger_equals_the_orders_after_two_thousand_acts(): void
    {
        Queue::fake();
        $acts = 0;
        $this->limitTo(self::RUNS)->forAll(Generators::vector(self::ACTS, Generators::tuple(Generators::choose(0, 9), Generators::choose(0, 1_000_000), Generators::choose(1, 3_000))))
            ->then(
                function (array $list) use (&$acts): void {
                    /** @var list<array{int, int, int}> $list */
                    $this->shop = $this->shop();
                    $this->honey = $this->product($this->shop, ['sku' => 'honey', 'price_minor' => 700, 'kind' => 'service']);
                    foreach ($list as [$act, $pick, $minor]) {
                        $this->act($act, $pick, $minor);
                        $acts++;
                    }
                    $this->holds();
                });
        self::assertSame(self::RUNS * self::ACTS, $acts);
    }

    private function act(int $act, int $pick, int $minor): void
    {
        $cards = GiftCard::query()->where('shop_id', $this->shop->id)->orderBy('id')->get();
        $alive = $cards->filter(static fn (GiftCard $card): bool => $card->state()->isAlive())->values();
        match (true) {
            $act <= 1 || $cards->isEmpty() => $this->giftCard($this->shop, $minor),
            $act <= 5 => $this->paidByCards($this->shop, $this->honey, 1 + $pick % 3, $alive->isEmpty() ? [] : [$alive[$pick % $alive->count()], ...($alive->count() > 1 ? [$alive[($pick + 1) % $alive->count()]] : [])]),
            $act <= 8 => $this->giveBack($pick, $minor),
            default => app(VoidCard::class)($cards[$pick % $cards->count()] ?? self::fail('There is none.'), 'Lost', null),
        };
    }

    /** Of any order, sold cards among them, an amount or all its pieces; the provider declines now and then. */
    private function giveBack(int $pick, int $minor): void
    {
        $orders = Order::query()->where('shop_id', $this->shop->id)->orderBy('id')->get();
        $order = $orders[$pick % $orders->count()]->load(ReadBalance::WITH);
        try {
            $balance = ReadBalance::of($order);
            $wish = $pick % 2 === 0 ? $balance->everything() : Wish::amount($order->money($minor));
            app(RefundOrder::class)($order, new RefundRequested("act-{$pick}-{$minor}", $wish, $balance->giving($wish)->amount, '', false, null));
        } catch (CantGiveBack|RefundChanged) {
            return;
        }
        $refund = Refund::query()->where('order_id', $order->id)->latest('id')->firstOrFail();
        if ($refund->state === RefundState::Pending) {
            app(SettleRefund::class)($refund, $pick % 5 === 0 ? RefundState::Declined : RefundState::Done);
        }
    }

    private function holds(): void
    {
        foreach (GiftCard::query()->where('shop_id', $this->shop->id)->with(['movements', 'line'])->get() as $card) {
            $moved = static fn (MovementKind ...$kinds): int => $card->movements->filter(static fn (CardMovement $movement): bool => in_array($movement->kind, $kinds, true))->sum(static fn (CardMovement $movement): int => $movement->amount_minor);
            self::assertSame($card->balance_minor, $moved(...MovementKind::cases()));
            self::assertSame($card->value_minor, $moved(MovementKind::Issued));
            // What was given back for it, by the refunds that stand.
            $given = Refund::query()->where('order_id', $card->line->order_id)->where('state', '<>', RefundState::Declined)->with('lines')->get()->sum(static fn (Refund $refund): int => $refund->lines->filter(static fn (RefundLine $line): bool => $line->order_line_id === $card->order_line_id)->sum(static fn (RefundLine $line): int => $line->net_minor));
            self::assertSame($given, -$moved(MovementKind::GivenBack, MovementKind::Restored));
        }
        foreach (Order::query()->where('shop_id', $this->shop->id)->with(['cardMovements', 'refunds', 'payments'])->get() as $order) {
            $moved = static fn (MovementKind $kind): int => $order->cardMovements->filter(static fn (CardMovement $movement): bool => $movement->kind === $kind)->sum(static fn (CardMovement $movement): int => $movement->amount_minor);
            self::assertSame($order->gift_cards_minor, -$moved(MovementKind::Redeemed));
            self::assertSame($order->total_minor, $order->due_now_minor + $order->gift_cards_minor);
            $done = $order->refunds->filter(static fn (Refund $refund): bool => $refund->state === RefundState::Done);
            [$all, $byProvider] = [$done->sum(static fn (Refund $refund): int => $refund->amount_minor), $done->sum(static fn (Refund $refund): int => $refund->payment_minor)];
            self::assertSame($all - $byProvider, $moved(MovementKind::Returned));
            self::assertSame($byProvider, $order->payments->sum(static fn (Payment $payment): int => $payment->refunded_minor));
            self::assertLessThanOrEqual($order->total_minor, $all);
        }
    }
}
