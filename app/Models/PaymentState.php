<?php

declare(strict_types=1);

namespace App\Models;

/** What is known of the money of one payment; what became of the goods, the checkout says. */
enum PaymentState: string
{
    /** Opened, and nothing heard since. */
    case Open = 'open';

    /** The money is held. */
    case Authorised = 'authorised';

    /** The money was taken. */
    case Captured = 'captured';

    /** The provider, or the shopper there, said no. */
    case Declined = 'declined';

    /** What was held was given back, or nothing will be held any more. */
    case Voided = 'voided';
}
