<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Http\Console\Shared\Amount;
use App\Models\CardMovement;
use App\Models\GiftCard;
use App\Models\Order;
use App\Models\OrderLine;
use OpenApi\Attributes as OA;
use PaperKite\GiftCard\MovementKind;

#[OA\Schema(schema: 'OrderCard', description: 'A gift card that was sold by an order, that paid it, or onto which money of it came back.')]
final readonly class OrderCardResource
{
    private function __construct(
        #[OA\Property(description: 'The id of the gift card.')]
        public int $id,
        #[OA\Property(description: 'The last four characters of its code.')]
        public string $tail,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public Amount $amount,
        #[OA\Property(description: 'Whether it went off the card.')]
        public bool $is_off,
    ) {}

    /**
     * @param  Order  $order  with the cards of its lines, and its movements with their cards
     * @return list<self> what was sold first, then what was paid and came back
     */
    public static function all(Order $order): array
    {
        $sold = $order->lines->flatMap(static fn (OrderLine $line): array => $line->giftCard === null ? [] : [self::of($line->giftCard, MovementKind::Issued, $line->giftCard->value_minor)]);
        $moved = $order->cardMovements->map(static fn (CardMovement $movement): self => self::of($movement->card, $movement->kind, $movement->amount_minor));

        return [...$sold->values()->all(), ...$moved->values()->all()];
    }

    private static function of(GiftCard $card, MovementKind $kind, int $minor): self
    {
        return new self($card->id, $card->tail, $kind->label(), Amount::of($card->money(abs($minor))), $minor < 0);
    }
}
