<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use OpenApi\Attributes as OA;
use PaperKite\Catalogue\Product;
use PaperKite\Catalogue\Variant;

#[OA\Schema(schema: 'VariantChoice', description: 'A variant that an offer can name.')]
final readonly class VariantChoiceResource
{
    private function __construct(
        #[OA\Property]
        public string $sku,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'Pieces left; null where nobody counts.')]
        public ?int $stock,
    ) {}

    public static function of(Variant $variant, Product $product): self
    {
        return new self($variant->sku->text, implode(', ', $variant->choices), $product->stockOf($variant)->pieces);
    }
}
