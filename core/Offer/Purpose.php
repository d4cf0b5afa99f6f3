<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** What a click is for, as far as its button's words go. */
enum Purpose
{
    case Buy;

    /** Nothing but donations. */
    case Give;

    /** The shopper's cart as it is. */
    case SeeCart;

    /** @param  list<bool>  $areGiven  of each of the goods, whether it is given to */
    public static function of(array $areGiven): self
    {
        return match (true) {
            $areGiven === [] => self::SeeCart,
            in_array(false, $areGiven, true) => self::Buy,
            default => self::Give,
        };
    }
}
