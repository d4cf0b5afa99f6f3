<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\Product;
use App\Models\Shelf;
use OpenApi\Attributes as OA;
use PaperKite\Offer\Onwards;
use PaperKite\Shopfront\ShelfDensity;

/** Which goods stand on a shelf, how close, and what follows adding: a shelf as its form holds it. */
#[OA\Schema(schema: 'ShelfEntry')]
final readonly class ShelfForm
{
    /** @param  list<int>  $products */
    private function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(ref: '#/components/schemas/ShelfDensity')]
        public ShelfDensity $density,
        #[OA\Property(description: 'What follows adding.', type: 'string', enum: ['stay', 'mini_cart'])]
        public Onwards $onwards,
        #[OA\Property(description: 'By name: all that is in it is shown; blank: what was picked.')]
        public string $category,
        #[OA\Property(description: 'What was picked, in order.', type: 'array', items: new OA\Items(type: 'integer'))]
        public array $products,
    ) {}

    /** @param  Shelf  $shelf  with its category and what was picked */
    public static function of(Shelf $shelf): self
    {
        return new self($shelf->name, $shelf->density, $shelf->onwards, $shelf->category->name ?? '', array_values($shelf->picked->map(static fn (Product $product): int => $product->id)->all()));
    }
}
