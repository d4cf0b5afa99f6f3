<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\OfferLine;
use App\Models\Placement;
use App\Models\Product;
use PaperKite\Time\Moment;

/** When something of what is shown changes by itself, such as a sale that ends. */
final class NextChange
{
    /**
     * @param  list<Product>  $products  with their variants
     * @return Moment|null `null`: never
     */
    public static function of(array $products, Moment $at): ?Moment
    {
        $changes = null;
        foreach ($products as $product) {
            $next = $product->nextChange($at);
            $changes = $next !== null && ($changes === null || $next->isBefore($changes)) ? $next : $changes;
        }

        return $changes;
    }

    /**
     * @param  list<Placement>  $placements  with their offers
     * @return list<Product>
     */
    public static function soldBy(array $placements): array
    {
        return array_merge(...array_map(static fn (Placement $placement): array => array_values($placement->offer->lines->map(static fn (OfferLine $line): Product => $line->product)->all()), $placements));
    }
}
