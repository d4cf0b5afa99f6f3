<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** A place in the sentence that the seller can change. */
enum Slot: string
{
    case Caption = 'caption';
    case Look = 'look';
    case Quantity = 'quantity';
    case Product = 'product';
    case Variant = 'variant';
    case Amount = 'amount';
    case Destination = 'destination';
    case CartUse = 'cart_use';
    case Opening = 'opening';
    case Landing = 'landing';

    /** Whether what stands in it is the seller's own words, which may run in any direction. */
    public function isQuoted(): bool
    {
        return in_array($this, [self::Caption, self::Look, self::Product, self::Variant], true);
    }
}
