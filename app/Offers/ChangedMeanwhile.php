<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\Offer;
use RuntimeException;

/** Somebody else has saved the offer since the seller began. */
final class ChangedMeanwhile extends RuntimeException
{
    public function __construct(public readonly Offer $offer)
    {
        parent::__construct('Somebody else has changed this offer meanwhile.');
    }
}
