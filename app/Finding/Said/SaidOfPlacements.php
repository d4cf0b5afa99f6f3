<?php

declare(strict_types=1);

namespace App\Finding\Said;

use App\Finding\Kind;
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

    public function texts(Shop $shop, array $ids): array
    {
        $texts = [];
        foreach (Placement::query()->where('shop_id', $shop->id)->whereKey($ids)->with(['offer.lines.product.addresses.marketplace.partner', 'offer.lines.product.addresses.marketplace.hosts', 'offer.lines.product.variants', 'offer.lines.variant'])->get() as $placement) {
            $texts[$placement->id] = implode(' ', [
                $placement->page,
                Media::get($placement->medium)->label(),
                $placement->code,
                $placement->word(ButtonState::Idle, $placement->offer, $shop),
                $placement->paused_at === null ? '' : 'paused',
                ...$placement->offer->lines->map(static fn (OfferLine $line): string => "{$line->product->name} {$line->product->sku} {$line->variant?->sku}")->all(),
            ]);
        }

        return $texts;
    }
}
