<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use PaperKite\Link\PlacementCode;

/** The placement that led to a product's page, as its address says, so that what follows can be credited to it. */
final readonly class CreditedPlacement
{
    public function __invoke(Shop $shop, string $code, Product $product): ?Placement
    {
        $read = PlacementCode::read($code);

        return $read === null ? null : Placement::query()
            ->where(['shop_id' => $shop->id, 'code' => $read->text])
            ->whereRelation('offer.lines', 'product_id', $product->id)
            ->with('offer')
            ->first();
    }
}
