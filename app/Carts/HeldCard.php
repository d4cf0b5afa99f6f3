<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\GiftCard;
use PaperKite\Money\Money;

/** A gift card that is to pay for a cart. */
final readonly class HeldCard
{
    public function __construct(
        public int $id,
        public string $tail,
        public Money $balance,
    ) {}

    public static function of(GiftCard $card): self
    {
        return new self($card->id, $card->tail, $card->money($card->balance_minor));
    }
}
