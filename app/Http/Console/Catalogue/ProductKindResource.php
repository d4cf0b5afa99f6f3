<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use OpenApi\Attributes as OA;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Catalogue\ProductPart;

#[OA\Schema(schema: 'ProductKindChoice', description: 'A kind of product, and the parts of the form that it has.')]
final readonly class ProductKindResource
{
    /** @param  list<ProductPart>  $parts */
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/ProductKind')]
        public ProductKind $value,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $note,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/ProductPart'))]
        public array $parts,
        #[OA\Property(description: 'Whether the shopper says how much.')]
        public bool $is_given,
    ) {}

    public static function of(ProductKind $kind): self
    {
        return new self($kind, $kind->label(), $kind->note(), $kind->parts(), $kind->isMoneyItself());
    }
}
