<?php

declare(strict_types=1);

namespace App\Http\Console\Cards;

use App\Http\Console\Shared\Amount;
use App\Models\CardMovement;
use App\Models\GiftCard;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'CardMovement', description: 'Money that came onto a gift card, or went off it.')]
final readonly class CardMovementResource
{
    private function __construct(
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public Amount $amount,
        #[OA\Property(description: 'Whether it went off the card.')]
        public bool $is_off,
        #[OA\Property(description: 'Number of the order that goes with it; null: none does.')]
        public ?int $order,
        #[OA\Property(description: 'Null: nobody of the shop.')]
        public ?string $person,
        #[OA\Property(format: 'date-time')]
        public string $at,
    ) {}

    /** @param  CardMovement  $movement  with its order and its person */
    public static function of(GiftCard $card, CardMovement $movement): self
    {
        return new self($movement->kind->label(), Amount::of($card->money(abs($movement->amount_minor))), $movement->amount_minor < 0, $movement->order?->number, $movement->person?->name, $movement->at->toIso8601ZuluString());
    }
}
