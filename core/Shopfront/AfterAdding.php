<?php

declare(strict_types=1);

namespace PaperKite\Shopfront;

/** Where a shopper goes who has put something into the cart. */
enum AfterAdding: string
{
    case Stay = 'stay';
    case Cart = 'cart';
    case Checkout = 'checkout';
    case Address = 'address';

    public function label(): string
    {
        return match ($this) {
            self::Stay => 'stays where they are',
            self::Cart => 'goes to the cart',
            self::Checkout => 'goes to the checkout',
            self::Address => 'goes to an address of yours',
        };
    }
}
