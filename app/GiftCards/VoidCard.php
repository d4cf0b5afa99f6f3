<?php

declare(strict_types=1);

namespace App\GiftCards;

use App\Database\InTransaction;
use App\Models\GiftCard;
use App\Models\Person;
use PaperKite\GiftCard\MovementKind;

/** Ends a card for the seller, with what is left on it; done twice, it is done once. */
final readonly class VoidCard
{
    public function __construct(
        private Ledger $ledger,
        private InTransaction $inTransaction,
    ) {}

    public function __invoke(GiftCard $card, string $reason, ?Person $by): void
    {
        ($this->inTransaction)(function () use ($card, $reason, $by): void {
            $locked = GiftCard::query()->whereKey($card->id)->lockForUpdate()->firstOrFail();
            if ($locked->voided_at !== null) {
                return;
            }
            if ($locked->balance_minor > 0) {
                $this->ledger->move($locked, MovementKind::Voided, -$locked->balance_minor, by: $by);
            }
            $this->ledger->end($locked, $reason);
        });
    }
}
