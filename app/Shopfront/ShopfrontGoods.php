<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Models\Product;
use App\Models\Shop;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Catalogue\ProductPart;

/** Goods as the shopfront lists them. */
final readonly class ShopfrontGoods
{
    /** @return list<ProductKind> */
    private static function uncounted(): array
    {
        return array_values(array_filter(ProductKind::cases(), static fn (ProductKind $kind): bool => ! $kind->has(ProductPart::Stock)));
    }

    /** @return Collection<int, Product> some of what can be had now */
    public function available(Shop $shop, int $count): Collection
    {
        return Product::forSale($shop)
            ->where(fn (Builder $any) => $any
                ->where(fn (Builder $plain) => $plain->where('has_variants', false)->where(fn (Builder $stock) => $stock->whereNull('stock')->orWhere('stock', '>', 0)->orWhere('allows_back_order', true)->orWhereIn('kind', self::uncounted())))
                ->orWhere(fn (Builder $varied) => $varied->where('has_variants', true)->where(fn (Builder $stock) => $stock->where('allows_back_order', true)->orWhereHas('variants', fn (Builder $variant) => $variant->whereNull('stock')->orWhere('stock', '>', 0)))))
            ->with('variants')
            ->orderBy('name')->orderBy('id')
            ->limit($count)
            ->get();
    }
}
