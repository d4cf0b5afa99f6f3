<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** Offers to begin from, each said as a sentence with the seller's own goods. */
enum Example: string
{
    case AtOnce = 'at-once';
    case Tiers = 'tiers';
    case Bundle = 'bundle';
    case Variants = 'variants';
    case Card = 'card';
    case Cart = 'cart';

    public function title(): string
    {
        return match ($this) {
            self::AtOnce => 'One thing, paid at once',
            self::Tiers => 'Three to compare, in a price table',
            self::Bundle => 'Two things together',
            self::Variants => 'One thing, of which they choose the kind',
            self::Card => 'A printed card with a QR code',
            self::Cart => 'Several things, collected in a cart',
        };
    }

    /** What it is good for. */
    public function note(): string
    {
        return match ($this) {
            self::AtOnce => 'For a post about one product: a click leads straight to paying.',
            self::Tiers => 'For a page where people decide how much they want. Makes three offers and their table.',
            self::Bundle => 'For a set: one click adds both, and one bill tells the price.',
            self::Variants => 'For sizes and colours: the shopper says which, then pays.',
            self::Card => 'For a label, a card or a poster: whoever scans it buys.',
            self::Cart => 'For a list of your goods: each click adds one, and they pay at the end.',
        };
    }

    /** What the shop lacks where there are no goods for it. */
    public function needs(): string
    {
        return match ($this) {
            self::Bundle => 'It takes two products that can be bought now.',
            self::Variants => 'It takes a product with variants that can be bought now.',
            default => 'It takes a product that can be bought now.',
        };
    }

    public function onwards(): Onwards
    {
        return match ($this) {
            self::Cart => Onwards::Cart,
            default => Onwards::Pay,
        };
    }
}
