<?php

declare(strict_types=1);

namespace App\Offers;

/** By what a list of offers is ordered. */
enum OfferSort: string
{
    case Changed = 'changed';
    case Clicks = 'clicks';
    case Name = 'name';
}
