<?php

declare(strict_types=1);

namespace App\GiftCards;

use App\Models\DerivedSecret;
use App\Models\FrozenGift;
use App\Models\GiftCard;
use App\Models\OrderLine;
use App\Time\Clock;
use PaperKite\GiftCard\CardCode;
use PaperKite\GiftCard\MovementKind;
use Random\Randomizer;

/** Makes the card of a line that was paid, and has it sent on its day. Runs inside the transaction that writes the order. */
final readonly class IssueCard
{
    public function __construct(
        private CodeKey $codeKey,
        private Ledger $ledger,
        private SendCard $send,
        private Clock $clock,
    ) {}

    /** @param  OrderLine  $line  with its order and the order’s shop */
    public function __invoke(OrderLine $line, ?FrozenGift $gift): GiftCard
    {
        $code = CardCode::random(new Randomizer);
        $card = GiftCard::query()->create([
            'shop_id' => $line->order->shop_id, 'order_line_id' => $line->id, 'digest' => $this->codeKey->of($code), 'code' => $code->text, 'tail' => $code->tail(),
            'page_digest' => DerivedSecret::digest(GiftCard::pageSecretOf($line->id)), 'currency' => $line->order->currency, 'value_minor' => $line->subtotal_minor, 'balance_minor' => 0,
            'to_name' => $gift->name ?? '', 'to_email' => $gift->email ?? '', 'message' => $gift->message ?? '', 'send_on' => $gift?->day, 'sent_at' => null, 'voided_at' => null, 'void_reason' => null, 'created_at' => $this->clock->now(),
        ]);
        $this->ledger->move($card, MovementKind::Issued, $card->value_minor, $line->order_id);
        if ($card->send_on === null) {
            ($this->send)($card->setRelation('line', $line));
        }

        return $card;
    }
}
