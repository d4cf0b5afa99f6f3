<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Product;
use OpenApi\Attributes as OA;
use PaperKite\Catalogue\Drawing;

#[OA\Schema(schema: 'Product')]
final readonly class ProductResource
{
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $sku,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public Amount $price,
        #[OA\Property(ref: '#/components/schemas/Drawing')]
        public Drawing $picture,
        #[OA\Property]
        public string $picture_path,
        #[OA\Property(description: 'Pieces on hand; null where stock is not tracked.')]
        public ?int $stock,
    ) {}

    public static function of(Product $product): self
    {
        $core = $product->toCore();

        return new self($product->id, $product->sku, $product->name, Amount::of($core->price), $product->picture, $product->picture->path(), $product->stock);
    }
}
