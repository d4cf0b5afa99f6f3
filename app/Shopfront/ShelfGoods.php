<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Models\Product;
use App\Models\Shelf;
use App\Models\Shop;
use Illuminate\Pagination\LengthAwarePaginator;

/** The goods of a shelf that shoppers may see, a page at a time. */
final class ShelfGoods
{
    /** What of a product its questions and its price need. */
    public const WITH = ['variants.picture', 'addresses.marketplace.partner', 'addresses.marketplace.hosts'];

    /** Not that a page of all there is would be asked for by number. */
    private const MOST_PAGES = 1000;

    /** @return LengthAwarePaginator<int, Product> with what a list of goods needs */
    public function page(Shop $shop, Shelf $shelf, int $page): LengthAwarePaginator
    {
        return $shelf->goods($shop)
            ->with(self::WITH)
            ->paginate($shelf->density->perPage(), page: max(1, min(self::MOST_PAGES, $page)));
    }

    /** @return Product|null one of them by its SKU, with what its questions need; `null` where it does not stand there */
    public function find(Shop $shop, Shelf $shelf, string $sku): ?Product
    {
        return $shelf->goods($shop)->where('products.sku', $sku)->with(self::WITH)->first();
    }
}
