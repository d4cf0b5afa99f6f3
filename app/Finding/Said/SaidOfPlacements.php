<?php

declare(strict_types=1);

namespace App\Finding\Said;

use App\Finding\Kind;
use App\Finding\Said;
use App\Finding\SaidOf;
use App\Models\OfferLine;
use App\Models\Placement;
use App\Models\Shop;
use PaperKite\Medium\Media;
use PaperKite\Offer\ButtonState;

/** By the page and the medium, by the code of the link, and by what is clicked there. */
final readonly class SaidOfPlacements implements SaidOf
{
    public function kind(): Kind
    {
        return Kind::Placement;
    }

    public function of(Shop $shop, array $ids): array
    {
        $said = [];
        foreach (Placement::query()->where('shop_id', $shop->id)->whereKey($ids)->with(['offer.lines.product.addresses.marketplace.partner', 'offer.lines.product.addresses.marketplace.hosts', 'offer.lines.product.variants', 'offer.lines.variant'])->get() as $placement) {
            $goods = $placement->offer->lines->map(static fn (OfferLine $line): string => "{$line->product->name} {$line->product->sku} {$line->variant?->sku}")->all();
            $caption = $placement->word(ButtonState::Idle, $placement->offer, $shop);
            $said[$placement->id] = new Said(
                $placement->page,
                Media::get($placement->medium)->label()." · {$caption}".($placement->paused_at === null ? '' : ' · paused'),
                implode(' ', $goods),
                $placement->code,
                $placement->offer_id,
            );
        }

        return $said;
    }
}
