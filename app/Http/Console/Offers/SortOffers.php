<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Finding\Kind;
use App\Models\Offer;
use App\Models\Shop;
use App\Offers\OfferSort;
use App\Results\ReadResults;
use App\Time\Clock;
use Illuminate\Database\Eloquent\Builder;
use PaperKite\Results\EventKind;

final readonly class SortOffers
{
    public function __construct(private Clock $clock) {}

    /** @param  Builder<Offer>  $offers */
    public function by(OfferSort $sort, Builder $offers, Shop $shop): void
    {
        match ($sort) {
            OfferSort::Changed => $offers->orderByDesc('updated_at'),
            // By what is added up: clicks of the last minutes come to it when they are.
            OfferSort::Clicks => $offers->orderByRaw('(SELECT SUM(acts) FROM result_days WHERE offer_id = offers.id AND kind = ? AND day >= ?) DESC', [
                EventKind::Click->value, $this->clock->now()->setTimezone($shop->timezone ?? 'UTC')->subDays(ReadResults::TRACE_DAYS - 1)->toDateString(),
            ]),
            OfferSort::Name => $offers->orderByRaw('(SELECT label FROM search_things WHERE kind = ? AND thing_id = offers.id)', [Kind::Offer->value]),
        };

        $offers->orderByDesc('id');
    }
}
