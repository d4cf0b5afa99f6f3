<?php

declare(strict_types=1);

namespace App\Http\Console\Displays;

use App\Http\Console\Catalogue\ProductResource;
use App\Models\Product;
use App\Models\Shelf;
use OpenApi\Attributes as OA;
use PaperKite\Offer\Onwards;
use PaperKite\Shopfront\ShelfDensity;
use PaperKite\Time\Moment;

#[OA\Schema(schema: 'Shelf')]
final readonly class ShelfResource
{
    /** @param  list<ProductResource>  $products */
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property(description: 'Counts the changes that sellers make.')]
        public int $version,
        #[OA\Property]
        public string $name,
        #[OA\Property(ref: '#/components/schemas/ShelfDensity')]
        public ShelfDensity $density,
        #[OA\Property(description: 'What follows adding.', type: 'string', enum: ['stay', 'mini_cart'])]
        public Onwards $onwards,
        #[OA\Property(description: 'By name: all that is in it is shown; blank: what was picked.')]
        public string $category,
        #[OA\Property(description: 'What was picked, in order.', type: 'array', items: new OA\Items(ref: ProductResource::class))]
        public array $products,
        #[OA\Property(description: 'In how many places it stands.')]
        public int $place_count,
    ) {}

    /** What every shelf that is told needs. */
    public const WITH = ['category', 'picked.variants', 'picked.addresses.marketplace.partner', 'places'];

    /** @param  Shelf  $shelf  with all of `WITH` */
    public static function of(Shelf $shelf, int $version, Moment $at): self
    {
        return new self(
            $shelf->id,
            $version,
            $shelf->name,
            $shelf->density,
            $shelf->onwards,
            $shelf->category->name ?? '',
            array_values($shelf->picked->map(static fn (Product $product): ProductResource => ProductResource::of($product, $at))->all()),
            $shelf->places->count(),
        );
    }
}
