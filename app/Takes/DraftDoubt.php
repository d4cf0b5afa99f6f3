<?php

declare(strict_types=1);

namespace App\Takes;

use App\Models\Product;
use App\Models\Shop;
use Illuminate\Database\Eloquent\Builder;
use PaperKite\Link\OpenItem;
use PaperKite\Link\OpenLink;

/** Told to the seller who builds a link: that what it names can't be bought yet. To a shopper it is as if it were not there. */
final class DraftDoubt
{
    /** @return string a sentence; blank where nothing it names is a draft */
    public static function of(Shop $shop, OpenLink $link): string
    {
        $skus = array_map(static fn (OpenItem $item): string => $item->sku, $link->items);
        $draft = Product::query()->where(['shop_id' => $shop->id, 'is_draft' => true])
            ->where(fn (Builder $either) => $either->whereIn('sku', $skus)->orWhereHas('variants', fn (Builder $variant) => $variant->whereIn('sku', $skus)))
            ->orderBy('id')->first();

        return $draft === null ? '' : "“{$draft->name}” is a draft and can’t be bought yet; put it on sale at the product, or take it out.";
    }
}
