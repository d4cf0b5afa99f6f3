<?php

declare(strict_types=1);

namespace App\Refunds;

use App\Database\InTransaction;
use App\Fulfilment\EndDownloads;
use App\Fulfilment\PutBack;
use App\Fulfilment\ReturnToCards;
use App\Fulfilment\TakeBackCards;
use App\Messages\WriteMessage;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Person;
use App\Models\Refund;
use App\Time\Clock;
use PaperKite\Money\Money;
use PaperKite\Order\GoodsState;
use PaperKite\Order\MoneyState;
use PaperKite\Refund\Left;

/** Cancels an order whose goods have not left: what is held is let go, what was taken goes back, in the same act. */
final readonly class CancelOrder
{
    public function __construct(
        private WriteRefund $write,
        private PutBack $putBack,
        private EndDownloads $endDownloads,
        private TakeBackCards $takeBackCards,
        private ReturnToCards $returnToCards,
        private WriteMessage $writeMessage,
        private InTransaction $inTransaction,
        private Clock $clock,
    ) {}

    /**
     * @param  Money  $shown  what the seller was told that goes back
     *
     * @throws RefundChanged where something else goes back, or the goods have left
     */
    public function __invoke(Order $order, Money $shown, bool $isRestocked, ?Person $person): void
    {
        ($this->inTransaction)(function () use ($order, $shown, $isRestocked, $person): void {
            $locked = LockOrder::of($order);
            if ($locked->goods_state === GoodsState::Cancelled) {
                return;
            }
            $this->mustBe($locked, $shown);
            $pieces = array_filter(array_map(static fn (Left $line): int => $line->pieces, ReadBalance::of($locked)->lines));
            $refund = $this->refund($locked, $isRestocked, $person);
            $this->letGo($locked);
            ($this->endDownloads)($locked, array_values($locked->lines->map(static fn (OrderLine $line): int => $line->id)->all()));
            if ($isRestocked) {
                ($this->putBack)($locked, $pieces, $refund->id ?? 0);
            }
            $this->cards($locked, $refund);
            $locked->update(['goods_state' => GoodsState::Cancelled]);
            $locked->steps()->create(['person_id' => $person?->id, 'goods_state' => GoodsState::Cancelled, 'at' => $this->clock->now()]);
            $this->writeMessage->ofCancelling($locked);
        });
    }

    /**
     * Of a payment that was to be let go and was taken all the same: it goes back like any other.
     *
     * @param  Order  $order  locked
     *
     * @throws RefundChanged
     */
    public function refund(Order $order, bool $isRestocked, ?Person $person): ?Refund
    {
        $balance = ReadBalance::of($order);
        if (! $order->money_state->isRefundable() || $balance->left->isZero()) {
            return null;
        }
        $wish = $balance->everything();

        return ($this->write)($order, $balance->giving($wish), new RefundRequested(Refund::CANCELLING, $wish, $balance->left, '', $isRestocked, $person));
    }

    /** @throws RefundChanged */
    private function mustBe(Order $order, Money $shown): void
    {
        $back = $order->money_state === MoneyState::Authorised ? $order->money(0) : ReadBalance::of($order)->left;
        if (! $order->goods_state->canBecome(GoodsState::Cancelled)) {
            throw RefundChanged::goodsLeft($order->goods_state);
        }
        if (! $back->equals($shown)) {
            throw RefundChanged::to($back);
        }
    }

    /** What the order's own cards are worth goes back with it; where nothing was taken, so does what other cards have paid. */
    private function cards(Order $order, ?Refund $refund): void
    {
        if ($refund === null) {
            $this->takeBackCards->end($order);
            ($this->returnToCards)($order, array_sum($order->paidByCards()), 0);
        } elseif (! ($this->takeBackCards)($order, ReadBalance::step($order, $refund->load('lines')), $refund->id)) {
            throw RefundChanged::cardUsed();
        }
    }

    private function letGo(Order $order): void
    {
        foreach ($order->payments as $payment) {
            if ($payment->state === PaymentState::Authorised) {
                $payment->update(['void_wanted_at' => $payment->void_wanted_at ?? $this->clock->now()]);
                ReleasePayment::dispatch($payment->id);
            }
        }
    }
}
