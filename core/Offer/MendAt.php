<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** Where the seller mends what no slot of the sentence can mend. */
enum MendAt: string
{
    case Payee = 'payee';
    case Shipping = 'shipping';
    /** The shop ships nowhere yet. */
    case FirstZone = 'first_zone';
    /** A tax class has no rate at home yet. */
    case FirstRate = 'first_rate';
    case Product = 'product';
    case Looks = 'looks';
    case Partners = 'partners';
}
