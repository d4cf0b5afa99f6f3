<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\OfferLine;
use App\Models\Placement;
use App\Models\Product;
use Illuminate\Database\Eloquent\Collection;

/** Reads what only a whole story tells of goods, in two reads however many there are. */
final class ReadStories
{
    /** @param  list<Placement>  $placements  with their offers and the offers' goods, which are given the rest */
    public function __invoke(array $placements): void
    {
        $products = new Collection(array_merge(...array_map(static fn (Placement $placement): array => $placement->offer->lines->map(static fn (OfferLine $line): Product => $line->product)->all(), $placements)));
        if ($products->isEmpty()) {
            return;
        }
        $texts = Product::withDeleted()->whereKey($products->modelKeys())->get(['id', 'description', 'traits'])->keyBy('id');
        $products->load('pictures')->each(static function (Product $product) use ($texts): void {
            $text = $texts->get($product->id);
            $product->setRawAttributes(['description' => $text?->getRawOriginal('description'), 'traits' => $text?->getRawOriginal('traits')] + $product->getAttributes());
        });
    }
}
