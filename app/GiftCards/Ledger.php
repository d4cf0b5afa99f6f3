<?php

declare(strict_types=1);

namespace App\GiftCards;

use App\Models\CardMovement;
use App\Models\GiftCard;
use App\Models\Person;
use App\Time\Clock;
use PaperKite\GiftCard\MovementKind;

/** Writes movements of gift cards, from which the database works out what is on them. Runs inside a transaction that has locked the card. */
final readonly class Ledger
{
    public function __construct(private Clock $clock) {}

    /**
     * @param  int  $minor  less than nought where it goes off the card
     * @param  int  $orderId  0 where none goes with it
     * @param  int  $refundId  0 where none goes with it
     */
    public function move(GiftCard $card, MovementKind $kind, int $minor, int $orderId = 0, int $refundId = 0, ?Person $by = null): void
    {
        CardMovement::query()->insert(['gift_card_id' => $card->id, 'kind' => $kind, 'amount_minor' => $minor, 'order_id' => $orderId, 'refund_id' => $refundId, 'person_id' => $by?->id, 'at' => $this->clock->now()]);
        $card->balance_minor += $minor;
        $card->syncOriginalAttribute('balance_minor');
        if ($card->balance_minor === 0) {
            // Nobody needs its code any more.
            $card->update(['code' => null]);
        }
    }

    /** Ends a card: nothing can be paid with it, and nothing comes back onto it. */
    public function end(GiftCard $card, string $reason): void
    {
        $card->update(['voided_at' => $this->clock->now(), 'void_reason' => $reason, 'code' => null]);
    }
}
