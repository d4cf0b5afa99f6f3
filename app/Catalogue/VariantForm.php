<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\Product;
use App\Models\Variant;
use OpenApi\Attributes as OA;

/** A variant as the product's form holds it. */
#[OA\Schema(schema: 'VariantEntry')]
final readonly class VariantForm
{
    /** @param  list<string>  $choices */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $choices,
        #[OA\Property]
        public string $sku,
        #[OA\Property(description: 'Blank: as its choices say.')]
        public string $price,
        #[OA\Property(description: 'Blank: not counted.')]
        public string $stock,
        #[OA\Property(x: ['optional' => true])]
        public ?int $stock_seen,
        #[OA\Property(description: 'In grams; blank: as the product’s.')]
        public string $weight,
        #[OA\Property]
        public ?int $picture_id,
        #[OA\Property]
        public bool $is_preselected,
    ) {}

    public static function of(Variant $variant, Product $product): self
    {
        return new self(
            choices: $variant->choices,
            sku: $variant->sku,
            price: $variant->price_minor === null ? '' : $product->money($variant->price_minor)->decimal(),
            stock: (string) $variant->stock,
            stock_seen: $variant->stock,
            weight: (string) $variant->weight_g,
            picture_id: $variant->picture_id,
            is_preselected: $variant->is_preselected === true,
        );
    }
}
