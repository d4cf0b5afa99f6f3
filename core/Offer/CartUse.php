<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** Whether a click that goes straight to paying takes the shopper's cart along. */
enum CartUse: string
{
    case JustThis = 'just_this';
    case WithCart = 'with_cart';

    /** As the slot of the sentence reads, after "straight to paying with". */
    public function words(): string
    {
        return match ($this) {
            self::JustThis => 'just this',
            self::WithCart => 'this and whatever is in their cart',
        };
    }

    /** What the choice means for what else the shopper has picked. */
    public function note(): string
    {
        return match ($this) {
            self::JustThis => 'What is in their cart stays there.',
            self::WithCart => 'All of it is paid at once.',
        };
    }
}
