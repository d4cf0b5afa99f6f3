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

    /** Pay of the total, and take nothing off it. */
    case GiftCards;

    /** Of the phrase that names it. */
    public function key(): string
    {
        return match ($this) {
            self::Discount => 'bill.discount',
            self::Shipping => 'bill.shipping',
            self::Tax => 'bill.tax',
            self::ContainedTax => 'bill.tax_contained',
            self::GiftCards => 'bill.gift_cards',
        };
    }

    public function isTakenOff(): bool
    {
        return $this === self::Discount || $this === self::GiftCards;
    }
}
