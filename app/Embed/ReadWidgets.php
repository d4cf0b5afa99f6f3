<?php

declare(strict_types=1);

namespace App\Embed;

use App\Looks\ReadLooks;
use App\Models\Offer;
use App\Models\Placement;
use App\Models\Shop;
use PaperKite\Offer\OfferState;

/** What the widgets of a page show, in a few reads however many they are. */
final readonly class ReadWidgets
{
    public function __construct(private ReadLooks $looks) {}

    /**
     * @param  list<string>  $codes
     * @return list<WidgetData> by code; of a place that there is not, or not yet, or no more, nothing is told: its link says it
     */
    public function __invoke(Shop $shop, array $codes): array
    {
        $with = array_map(static fn (string $relation): string => "offer.{$relation}", array_diff(Offer::TOLD_WITH, ['placements', 'look']));
        $placements = Placement::query()->where('shop_id', $shop->id)->whereIn('code', $codes)
            ->whereRelation('offer', static fn ($offer) => $offer->whereIn('state', [OfferState::Live, OfferState::Paused]))
            ->with($with)->orderBy('code')->get();
        $looks = ($this->looks)($shop);

        return array_values($placements->map(static fn (Placement $placement): WidgetData => WidgetData::of($placement, $shop, $looks->chosen($placement->offer->look_id)->values))->all());
    }
}
