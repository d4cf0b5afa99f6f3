<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Models\Offer;
use App\Offers\OfferSort;
use Illuminate\Database\Eloquent\Builder;

/** Each order is one of an index, so that a page costs what is on it. */
final class SortOffers
{
    /** @param  Builder<Offer>  $offers */
    public static function by(OfferSort $sort, Builder $offers): void
    {
        match ($sort) {
            OfferSort::Changed => $offers->orderByDesc('updated_at')->orderByDesc('id'),
            // By what is added up: clicks of the last minutes come to it when they are.
            OfferSort::Clicks => $offers->orderByDesc('clicks_lately')->orderByDesc('id'),
            // By what it is found as; what has no words yet stands first, for a minute at most.
            OfferSort::Name => $offers->orderBy('called')->orderBy('id'),
        };
    }
}
