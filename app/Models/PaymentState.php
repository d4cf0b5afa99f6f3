<?php

declare(strict_types=1);

namespace App\Models;

enum PaymentState: string
{
    /** Opened, and nothing heard since. */
    case Open = 'open';

    /** The shopper ordered: the money is held or taken. */
    case Ordered = 'ordered';

    /** The provider, or the shopper there, said no. */
    case Declined = 'declined';

    /** The shopper changed the cart and opened another payment instead. */
    case Superseded = 'superseded';

    /** Nobody decided within a day; what may be held is given back. */
    case Abandoned = 'abandoned';

    /** Authorised when the goods had gone; the authorisation is given back. */
    case SoldOut = 'sold_out';
}
