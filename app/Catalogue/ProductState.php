<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\Product;
use Illuminate\Database\Eloquent\Builder;
use PaperKite\Catalogue\ProductKind;

/** By what a list of products is filtered. */
enum ProductState: string
{
    /** Of a partner's goods. */
    private const IS_DUE = '(products.text_is_copied = 1 OR (products.summary IS NULL AND products.description IS NULL))';

    case ForSale = 'for_sale';
    case Draft = 'draft';

    /** A partner's, of which nothing is written yet, or only what the marketplace wrote. */
    case TextDue = 'text_due';

    public function label(): string
    {
        return match ($this) {
            self::ForSale => 'For sale',
            self::Draft => 'Draft',
            self::TextDue => 'Text to write',
        };
    }

    /** @param  Builder<Product>  $products */
    public function narrow(Builder $products): void
    {
        match ($this) {
            self::ForSale => $products->where('is_draft', false),
            self::Draft => $products->where('is_draft', true),
            self::TextDue => $products->whereIn('kind', ProductKind::elsewhere())->whereRaw(self::IS_DUE),
        };
    }

    /**
     * @param  Builder<Product>  $products
     * @return Builder<Product> what is needed first comes first, where that is asked for
     */
    public function order(Builder $products): Builder
    {
        if ($this === self::TextDue) {
            $products->orderByRaw('products.text_by IS NULL, products.text_by');
        }

        return $products;
    }
}
