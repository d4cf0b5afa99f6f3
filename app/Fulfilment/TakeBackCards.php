<?php

declare(strict_types=1);

namespace App\Fulfilment;

use App\GiftCards\Ledger;
use App\Models\CardMovement;
use App\Models\GiftCard;
use App\Models\Order;
use Illuminate\Database\Eloquent\Builder;
use PaperKite\GiftCard\MovementKind;
use PaperKite\Refund\GivenBack;

/** Gift cards that were sold are given back for what is left on them, and end. Runs inside the transaction that has locked the order. */
final readonly class TakeBackCards
{
    public const REASON = 'Given back';

    public function __construct(private Ledger $ledger) {}

    /**
     * @return bool whether all of them had on them what goes back for them
     */
    public function __invoke(Order $order, GivenBack $step, int $refundId): bool
    {
        foreach (GiftCard::query()->whereIn('order_line_id', array_keys($step->lines))->orderBy('id')->lockForUpdate()->get() as $card) {
            $share = $step->lines[$card->order_line_id];
            $minor = $share->portion->amount->minor;
            if ($card->voided_at !== null || $card->balance_minor < $minor) {
                return false;
            }
            if ($minor > 0) {
                $this->ledger->move($card, MovementKind::GivenBack, -$minor, $order->id, $refundId);
            }
            if ($share->pieces > 0) {
                $this->ledger->end($card, self::REASON);
            }
        }

        return true;
    }

    /** Nothing of the order was taken: its cards end with all that is on them. */
    public function end(Order $order): void
    {
        foreach (GiftCard::query()->whereIn('order_line_id', $order->lines->pluck('id')->all())->whereNull('voided_at')->orderBy('id')->lockForUpdate()->get() as $card) {
            if ($card->balance_minor > 0) {
                $this->ledger->move($card, MovementKind::Voided, -$card->balance_minor, $order->id);
            }
            $this->ledger->end($card, self::REASON);
        }
    }

    /** The provider declined: what was taken off the cards is on them again. Their codes are with their holders alone. */
    public function restore(int $refundId, int $orderId): void
    {
        $cards = GiftCard::query()->whereHas('movements', static fn (Builder $movements) => $movements->where(['refund_id' => $refundId, 'kind' => MovementKind::GivenBack]))->with('movements')->orderBy('id')->lockForUpdate()->get();
        foreach ($cards as $card) {
            $off = $card->movements->filter(static fn (CardMovement $movement): bool => $movement->refund_id === $refundId && $movement->kind === MovementKind::GivenBack)->sum(static fn (CardMovement $movement): int => $movement->amount_minor);
            $this->ledger->move($card, MovementKind::Restored, -$off, $orderId, $refundId);
            if ($card->void_reason === self::REASON) {
                $card->update(['voided_at' => null, 'void_reason' => null]);
            }
        }
    }
}
