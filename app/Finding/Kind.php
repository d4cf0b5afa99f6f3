<?php

declare(strict_types=1);

namespace App\Finding;

/** What is found by its words; the number stands in the table of words. */
enum Kind: int
{
    case Product = 1;
    case Offer = 2;
    case Order = 3;
    case Placement = 4;
    case Look = 5;
    case PriceTable = 6;
    case Coupon = 7;

    public function canBeDeleted(): bool
    {
        return $this !== self::Offer && $this !== self::Order;
    }

    public function table(): string
    {
        return match ($this) {
            self::Product => 'products',
            self::Offer => 'offers',
            self::Order => 'orders',
            self::Placement => 'placements',
            self::Look => 'looks',
            self::PriceTable => 'price_tables',
            self::Coupon => 'coupons',
        };
    }
}
