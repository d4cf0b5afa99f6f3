<?php

declare(strict_types=1);

namespace App\Partners;

use App\Models\Marketplace;
use App\Models\Shop;
use PaperKite\Partner\Marketplace as CoreMarketplace;

/** The marketplaces of a shop, as the core knows them. */
final class ReadMarketplaces
{
    /** @return array<int, CoreMarketplace> by id, by name */
    public function __invoke(Shop $shop): array
    {
        $marketplaces = [];
        foreach (Marketplace::query()->where('shop_id', $shop->id)->with(Marketplace::READ_WITH)->orderBy('name')->orderBy('id')->get() as $marketplace) {
            $marketplaces[$marketplace->id] = $marketplace->toCore();
        }

        return $marketplaces;
    }
}
