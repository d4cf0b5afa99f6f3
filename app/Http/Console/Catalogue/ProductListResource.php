<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use App\Http\Console\Shared\Page;
use App\Models\Product;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use OpenApi\Attributes as OA;
use PaperKite\Time\Moment;

#[OA\Schema(schema: 'ProductList')]
final readonly class ProductListResource
{
    /** @param  list<ProductResource>  $items */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: ProductResource::class))]
        public array $items,
        #[OA\Property]
        public Page $at,
    ) {}

    /** @param  LengthAwarePaginator<int, Product>  $paginator */
    public static function of(LengthAwarePaginator $paginator, Moment $at): self
    {
        return new self(array_map(static fn (Product $product) => ProductResource::of($product, $at), array_values($paginator->items())), Page::of($paginator));
    }
}
