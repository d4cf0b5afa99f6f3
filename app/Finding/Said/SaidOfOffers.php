<?php

declare(strict_types=1);

namespace App\Finding\Said;

use App\Finding\Kind;
use App\Finding\Said;
use App\Finding\SaidOf;
use App\Looks\ReadLooks;
use App\Models\Offer;
use App\Models\OfferLine;
use App\Models\Placement;
use App\Models\Shop;
use PaperKite\Offer\Sentence;
use PaperKite\Offer\ShortForm;

/** By their sentence, with what it says by default; by their state, their places, and the SKUs of what they sell. */
final readonly class SaidOfOffers implements SaidOf
{
    public function __construct(private ReadLooks $looks) {}

    public function kind(): Kind
    {
        return Kind::Offer;
    }

    public function of(Shop $shop, array $ids): array
    {
        $looks = ($this->looks)($shop);
        $said = [];
        foreach (Offer::query()->where('shop_id', $shop->id)->whereKey($ids)->with(Offer::TOLD_WITH)->get() as $offer) {
            $core = $offer->toCore($shop, $looks->chosen($offer->look_id)->name);
            $pages = $offer->placements->map(static fn (Placement $placement): string => $placement->page)->all();
            $goods = $offer->lines->map(static fn (OfferLine $line): string => "{$line->product->name} {$line->variant?->sku}")->all();
            $skus = $offer->lines->map(static fn (OfferLine $line): string => $line->product->sku)->all();
            $said[$offer->id] = new Said(
                ShortForm::name($core),
                implode(' · ', [$offer->state->value, ...array_slice($pages, 0, 2)]),
                implode(' ', [Sentence::decided($core)->text(), ...$pages, ...$goods, ...$skus]),
            );
        }

        return $said;
    }
}
