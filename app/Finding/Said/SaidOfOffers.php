<?php

declare(strict_types=1);

namespace App\Finding\Said;

use App\Finding\Kind;
use App\Finding\SaidOf;
use App\Looks\ReadLooks;
use App\Models\Offer;
use App\Models\OfferLine;
use App\Models\Placement;
use App\Models\Shop;
use PaperKite\Offer\Sentence;

/** By their sentence, with what it says by default; by their state, their places, and the SKUs of what they sell. */
final readonly class SaidOfOffers implements SaidOf
{
    public function __construct(private ReadLooks $looks) {}

    public function kind(): Kind
    {
        return Kind::Offer;
    }

    public function texts(Shop $shop, array $ids): array
    {
        $looks = ($this->looks)($shop);
        $texts = [];
        foreach (Offer::query()->where('shop_id', $shop->id)->whereKey($ids)->with(Offer::TOLD_WITH)->get() as $offer) {
            $texts[$offer->id] = implode(' ', [
                Sentence::decided($offer->toCore($shop, $looks->chosen($offer->look_id)->name))->text(),
                $offer->state->value,
                ...$offer->placements->map(static fn (Placement $placement): string => $placement->page)->all(),
                ...$offer->lines->map(static fn (OfferLine $line): string => "{$line->product->sku} {$line->variant?->sku}")->all(),
            ]);
        }

        return $texts;
    }
}
