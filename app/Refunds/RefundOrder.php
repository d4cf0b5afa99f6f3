<?php

declare(strict_types=1);

namespace App\Refunds;

use App\Database\InTransaction;
use App\Fulfilment\EndDownloads;
use App\Fulfilment\PutBack;
use App\Fulfilment\TakeBackCards;
use App\Models\Order;
use PaperKite\Refund\CantGiveBack;
use PaperKite\Refund\GivenBack;
use PaperKite\Refund\Share;

/** Gives back of an order what the seller has decided, once however often it is asked for. */
final readonly class RefundOrder
{
    public function __construct(
        private WriteRefund $write,
        private PutBack $putBack,
        private EndDownloads $endDownloads,
        private TakeBackCards $takeBackCards,
        private InTransaction $inTransaction,
    ) {}

    /**
     * @throws CantGiveBack
     * @throws RefundChanged where it would come to something else than the seller was shown
     */
    public function __invoke(Order $order, RefundRequested $asked): void
    {
        ($this->inTransaction)(function () use ($order, $asked): void {
            $locked = LockOrder::of($order);
            if ($locked->refunds->contains('act', $asked->act)) {
                return;
            }
            if (! $locked->money_state->isRefundable()) {
                throw RefundChanged::notPaid();
            }
            $balance = ReadBalance::of($locked);
            $step = $balance->giving($asked->wish);
            if (! $step->amount->equals($asked->shown)) {
                throw RefundChanged::to($step->amount);
            }
            $refund = ($this->write)($locked, $step, $asked);
            ($this->endDownloads)($locked, $balance->usedUpBy($step));
            if ($asked->isRestocked) {
                ($this->putBack)($locked, self::pieces($step), $refund->id);
            }
            if (! ($this->takeBackCards)($locked, $step, $refund->id)) {
                throw RefundChanged::cardUsed();
            }
        });
    }

    /** @return array<int, int> by the id of the line */
    public static function pieces(GivenBack $step): array
    {
        return array_filter(array_map(static fn (Share $share): int => $share->pieces, $step->lines));
    }
}
