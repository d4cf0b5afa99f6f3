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
    /** Products as shoppers read of them. */
    case Goods = 8;
    case Shelf = 9;

    /** @return non-empty-list<self> what sellers look for */
    public static function ofSellers(): array
    {
        return [self::Product, self::Offer, self::Order, self::Placement, self::Look, self::PriceTable, self::Shelf, self::Coupon];
    }

    public function canBeDeleted(): bool
    {
        return $this !== self::Offer && $this !== self::Order;
    }

    public function table(): string
    {
        return match ($this) {
            self::Product, self::Goods => 'products',
            self::Offer => 'offers',
            self::Order => 'orders',
            self::Placement => 'placements',
            self::Look => 'looks',
            self::PriceTable => 'price_tables',
            self::Shelf => 'shelves',
            self::Coupon => 'coupons',
        };
    }
}
