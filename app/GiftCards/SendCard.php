<?php

declare(strict_types=1);

namespace App\GiftCards;

use App\Messages\WriteMessage;
use App\Models\CardShowing;
use App\Models\GiftCard;
use App\Models\Person;
use App\Time\Clock;

/** Mails a card to whom it is for, else to who bought it. Runs inside a transaction. */
final readonly class SendCard
{
    public function __construct(
        private WriteMessage $writeMessage,
        private Clock $clock,
    ) {}

    /** @param  GiftCard  $card  with the line by which it was sold, its order and the order’s shop */
    public function __invoke(GiftCard $card, ?Person $by = null): void
    {
        $showing = $card->showings()->create(['person_id' => $by?->id, 'how' => CardShowing::MAILED, 'at' => $this->clock->now()]);
        $this->writeMessage->ofGiftCard($card->line->order, $card, $showing->id);
        GiftCard::query()->whereKey($card->id)->update(['sent_at' => $this->clock->now()]);
    }
}
