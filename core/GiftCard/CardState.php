<?php

declare(strict_types=1);

namespace PaperKite\GiftCard;

/** How a gift card stands. */
enum CardState: string
{
    /** Nothing of it was used. */
    case Unused = 'unused';
    case PartlyUsed = 'partly_used';
    case Empty = 'empty';

    /** The seller, or money that went back, has ended it. */
    case Void = 'void';

    public static function of(int $balanceMinor, int $valueMinor, bool $isVoid): self
    {
        return match (true) {
            $isVoid => self::Void,
            $balanceMinor === 0 => self::Empty,
            $balanceMinor < $valueMinor => self::PartlyUsed,
            default => self::Unused,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Unused => 'Unused',
            self::PartlyUsed => 'Partly used',
            self::Empty => 'Used up',
            self::Void => 'Void',
        };
    }

    /** Whether it can be used, sent again and printed. */
    public function isAlive(): bool
    {
        return $this === self::Unused || $this === self::PartlyUsed;
    }
}
