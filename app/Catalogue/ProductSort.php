<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\Product;
use Illuminate\Database\Eloquent\Builder;

/** By what a list of products is ordered. */
enum ProductSort: string
{
    case Name = 'name';
    case Changed = 'changed';

    /**
     * @param  Builder<Product>  $products
     * @return Builder<Product>
     */
    public function order(Builder $products): Builder
    {
        match ($this) {
            self::Name => $products->orderBy('name')->orderBy('id'),
            self::Changed => $products->orderByDesc('updated_at')->orderByDesc('id'),
        };

        return $products;
    }
}
