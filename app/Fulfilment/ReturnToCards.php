<?php

declare(strict_types=1);

namespace App\Fulfilment;

use App\GiftCards\Ledger;
use App\Models\GiftCard;
use App\Models\Order;
use PaperKite\GiftCard\MovementKind;
use PaperKite\GiftCard\Repayment;

/** Puts money of an order back on the gift cards that paid it, on the one that was used last first. Runs inside the transaction that has locked the order. */
final readonly class ReturnToCards
{
    public function __construct(private Ledger $ledger) {}

    /** @param  int  $refundId  0 where the order came to nothing before its money was taken */
    public function __invoke(Order $order, int $minor, int $refundId): void
    {
        $shares = Repayment::shares($order->load('cardMovements')->paidByCards(), $minor);
        // Read without their codes: who gets money back on a card has it.
        $cards = $shares === [] ? [] : GiftCard::query()->whereKey(array_keys($shares))->orderBy('id')->lockForUpdate()->get();
        foreach ($cards as $card) {
            $this->ledger->move($card, MovementKind::Returned, $shares[$card->id], $order->id, $refundId);
        }
        $order->load('cardMovements');
    }
}
