<?php

declare(strict_types=1);

namespace App\Http\Console\Cards;

use App\Models\CardMovement;
use App\Models\CardShowing;
use App\Models\GiftCard;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'GiftCard')]
final readonly class GiftCardResource
{
    /**
     * @param  list<CardMovementResource>  $movements
     * @param  list<CardShowingResource>  $showings
     */
    private function __construct(
        #[OA\Property]
        public GiftCardRowResource $card,
        #[OA\Property(description: 'To whom it is mailed.')]
        public string $email,
        #[OA\Property(description: 'Blank where there is none.')]
        public string $message,
        #[OA\Property(description: 'Whether its code is still kept, so that it can be sent or printed.')]
        public bool $is_kept,
        #[OA\Property(description: 'Why it was ended; blank where it was not.')]
        public string $void_reason,
        #[OA\Property(description: 'The first first.', type: 'array', items: new OA\Items(ref: CardMovementResource::class))]
        public array $movements,
        #[OA\Property(description: 'The last first; twenty at most.', type: 'array', items: new OA\Items(ref: CardShowingResource::class))]
        public array $showings,
    ) {}

    /** @param  GiftCard  $card  with all that `GiftCardController` reads */
    public static function of(GiftCard $card): self
    {
        return new self(
            GiftCardRowResource::of($card),
            $card->to_email === '' ? $card->line->order->email : $card->to_email,
            $card->message,
            $card->isKept(),
            $card->void_reason ?? '',
            array_values($card->movements->map(static fn (CardMovement $movement): CardMovementResource => CardMovementResource::of($card, $movement))->all()),
            array_values($card->showings->map(static fn (CardShowing $showing): CardShowingResource => CardShowingResource::of($showing))->all()),
        );
    }
}
