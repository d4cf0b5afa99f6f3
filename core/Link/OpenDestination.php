<?php

declare(strict_types=1);

namespace PaperKite\Link;

/** Where an open link leads, as its parameter `to` says. */
enum OpenDestination: string
{
    case Pay = 'pay';
    case Cart = 'cart';
    case Choose = 'choose';
    case Stay = 'stay';

    public function meaning(): string
    {
        return match ($this) {
            self::Pay => 'Straight to paying, with just this.',
            self::Cart => 'Into the cart, which is shown.',
            self::Choose => 'To the page of the goods, to choose there.',
            self::Stay => 'Into the cart; the shopper keeps browsing.',
        };
    }
}
