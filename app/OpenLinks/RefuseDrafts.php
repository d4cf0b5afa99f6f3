<?php

declare(strict_types=1);

namespace App\OpenLinks;

use App\Models\Product;
use App\Models\Shop;
use Illuminate\Database\Eloquent\Builder;
use PaperKite\Link\InvalidOpenLink;
use PaperKite\Link\OpenItem;
use PaperKite\Link\OpenLink;

/** For the seller who writes a link. To a shopper a draft is as if it were not there. */
final readonly class RefuseDrafts
{
    /** @throws InvalidOpenLink where it names what can't be bought yet */
    public function __invoke(Shop $shop, OpenLink $link): void
    {
        $skus = array_map(static fn (OpenItem $item): string => $item->sku, $link->items);
        $draft = Product::query()->where(['shop_id' => $shop->id, 'is_draft' => true])
            ->where(fn (Builder $either) => $either->whereIn('sku', $skus)->orWhereHas('variants', fn (Builder $variant) => $variant->whereIn('sku', $skus)))
            ->orderBy('id')->first();

        if ($draft !== null) {
            throw InvalidOpenLink::draft($draft->sku, $draft->name);
        }
    }
}
