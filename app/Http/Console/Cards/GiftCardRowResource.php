<?php

declare(strict_types=1);

namespace App\Http\Console\Cards;

use App\Http\Console\Shared\Amount;
use App\Models\GiftCard;
use OpenApi\Attributes as OA;
use PaperKite\GiftCard\CardState;

#[OA\Schema(schema: 'GiftCardRow', description: 'A gift card in the list of them.')]
final readonly class GiftCardRowResource
{
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property(description: 'The last four characters of its code.')]
        public string $tail,
        #[OA\Property]
        public Amount $value,
        #[OA\Property]
        public Amount $balance,
        #[OA\Property(ref: '#/components/schemas/CardState')]
        public CardState $state,
        #[OA\Property]
        public string $state_label,
        #[OA\Property(description: 'Whom it is for; the buyer’s address where nobody else is named.')]
        public string $to,
        #[OA\Property(description: 'Number of the order by which it was bought.')]
        public int $order,
        #[OA\Property(format: 'date-time')]
        public string $created_at,
        #[OA\Property(description: 'The day on which it is sent, ISO 8601; null: it was sent.', format: 'date')]
        public ?string $waits_until,
    ) {}

    /** @param  GiftCard  $card  with its line and the line’s order */
    public static function of(GiftCard $card): self
    {
        $state = $card->state();
        $to = array_values(array_filter([$card->to_name, $card->to_email, $card->line->order->email], static fn (string $text): bool => $text !== ''))[0] ?? '';

        return new self(
            $card->id, $card->tail, Amount::of($card->money($card->value_minor)), Amount::of($card->money($card->balance_minor)), $state, $state->label(), $to,
            $card->line->order->number, $card->created_at->toIso8601ZuluString(), $card->sent_at === null ? $card->send_on?->toDateString() : null,
        );
    }
}
