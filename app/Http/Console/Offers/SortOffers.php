<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Finding\Kind;
use App\Models\Offer;
use App\Models\Shop;
use App\Offers\OfferSort;
use Illuminate\Database\Eloquent\Builder;

/** Each order is one of an index, so that a page costs what is on it. */
final class SortOffers
{
    /** @param  Builder<Offer>  $offers */
    public static function by(OfferSort $sort, Builder $offers, Shop $shop): void
    {
        match ($sort) {
            OfferSort::Changed => $offers->orderByDesc('updated_at')->orderByDesc('id'),
            // By what is added up: clicks of the last minutes come to it when they are.
            OfferSort::Clicks => $offers->orderByDesc('clicks_lately')->orderByDesc('id'),
            // By what it is found as; what has no words yet comes to it within a minute.
            OfferSort::Name => $offers->select('offers.*')->fromRaw('search_things STRAIGHT_JOIN offers ON offers.id = search_things.thing_id')
                ->where(['search_things.shop_id' => $shop->id, 'search_things.kind' => Kind::Offer->value])->orderBy('search_things.label')->orderBy('search_things.thing_id'),
        };
    }
}
