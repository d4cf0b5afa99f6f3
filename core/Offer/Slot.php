<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** A place in the sentence that the seller can change. */
enum Slot: string
{
    case Caption = 'caption';
    case Quantity = 'quantity';
    case Product = 'product';
    case Destination = 'destination';
    case CartUse = 'cart_use';
}
