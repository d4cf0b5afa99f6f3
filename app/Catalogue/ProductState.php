<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\Product;
use Illuminate\Database\Eloquent\Builder;

/** By what a list of products is filtered. */
enum ProductState: string
{
    case ForSale = 'for_sale';
    case Draft = 'draft';

    public function label(): string
    {
        return match ($this) {
            self::ForSale => 'For sale',
            self::Draft => 'Draft',
        };
    }

    /** @param  Builder<Product>  $products */
    public function narrow(Builder $products): void
    {
        $products->where('is_draft', $this === self::Draft);
    }
}
