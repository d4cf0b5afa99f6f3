<?php

declare(strict_types=1);

namespace PaperKite\GiftCard;

/** Why money came onto a gift card, or went off it. */
enum MovementKind: string
{
    case Issued = 'issued';
    case Redeemed = 'redeemed';

    /** Of an order that was paid with it. */
    case Returned = 'returned';

    /** The card itself was given back, for what was left on it. */
    case GivenBack = 'given_back';

    /** The provider declined to pay for a card that was given back. */
    case Restored = 'restored';

    /** The seller has ended it, and what was left with it. */
    case Voided = 'voided';

    public function label(): string
    {
        return match ($this) {
            self::Issued => 'Sold',
            self::Redeemed => 'Used',
            self::Returned => 'Refunded to the card',
            self::GivenBack => 'Card given back',
            self::Restored => 'Giving back failed',
            self::Voided => 'Voided',
        };
    }
}
