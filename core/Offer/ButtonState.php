<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** What a button can stand in, from the shopper's side. */
enum ButtonState: string
{
    case Idle = 'idle';
    case Working = 'working';
    case Added = 'added';
    case SoldOut = 'sold_out';
    case NotAvailable = 'not_available';

    /** As the seller reads it. */
    public function label(): string
    {
        return match ($this) {
            self::Idle => 'Normal',
            self::Working => 'Working',
            self::Added => 'Added',
            self::SoldOut => 'Sold out',
            self::NotAvailable => 'Not available',
        };
    }

    /**
     * What the button says when nobody has written anything for it.
     *
     * @param  string  $caption  of where the click leads
     */
    public function builtIn(string $caption): string
    {
        return match ($this) {
            self::Idle => $caption,
            self::Working => 'One moment',
            self::Added => 'It is in your cart',
            self::SoldOut => 'Sold out',
            self::NotAvailable => 'Not for sale just now',
        };
    }
}
