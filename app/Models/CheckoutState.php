<?php

declare(strict_types=1);

namespace App\Models;

enum CheckoutState: string
{
    /** The shopper has pressed pay, and may pay still. */
    case Open = 'open';

    /** It became an order. */
    case Ordered = 'ordered';

    /** The shopper changed the cart and opened another one instead. */
    case Superseded = 'superseded';

    /** Nobody decided within a day. */
    case Abandoned = 'abandoned';

    /** Paid for when the goods had gone; the money is given back. */
    case SoldOut = 'sold_out';

    /** A gift card had less on it by then; the money is given back. */
    case CardShort = 'card_short';
}
