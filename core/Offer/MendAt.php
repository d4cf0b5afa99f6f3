<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** Where the seller mends what no slot of the sentence can mend. */
enum MendAt: string
{
    case Payee = 'payee';
    case Shipping = 'shipping';
    case Product = 'product';
    case Looks = 'looks';
    case Partners = 'partners';
}
