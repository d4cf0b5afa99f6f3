<?php

declare(strict_types=1);

namespace PaperKite\Partner\Price;

/** How an item's page stands to what the shop says of it, when it was looked at last. */
enum PriceState: string
{
    case Same = 'same';
    case Changed = 'changed';
    case Vanished = 'vanished';
    case Unreadable = 'unreadable';

    public function label(): string
    {
        return match ($this) {
            self::Same => 'As shown',
            self::Changed => 'Price changed',
            self::Vanished => 'Gone',
            self::Unreadable => 'Can’t be read',
        };
    }

    /** Whether there is something for the seller to do. */
    public function wantsMending(): bool
    {
        return $this !== self::Same;
    }
}
