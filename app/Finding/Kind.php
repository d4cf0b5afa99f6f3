<?php

declare(strict_types=1);

namespace App\Finding;

/** What is found by its words; the number stands in the table of words. */
enum Kind: int
{
    case Product = 1;
    case Offer = 2;
}
