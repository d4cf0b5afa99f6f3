<?php

declare(strict_types=1);

namespace App\Changes;

/** What a seller can change that is told elsewhere too. */
enum Subject: string
{
    case Product = 'product';
    case Offer = 'offer';
    case Look = 'look';
    case Shop = 'shop';
}
