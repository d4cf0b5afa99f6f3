<?php

declare(strict_types=1);

namespace PaperKite\Quote;

/** What a row of a bill beside its goods is about. */
enum BillRowKind
{
    case Discount;
    case Shipping;
    case Tax;

    /** In the prices already, and so no part of the sum. */
    case ContainedTax;

    public function label(): string
    {
        return match ($this) {
            self::Discount => 'Discount',
            self::Shipping => 'Shipping',
            self::Tax => 'Tax',
            self::ContainedTax => 'Tax in it',
        };
    }

    public function isTakenOff(): bool
    {
        return $this === self::Discount;
    }
}
