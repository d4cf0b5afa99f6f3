<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use App\Catalogue\ProductState;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ProductStateCount')]
final readonly class ProductStateCountResource
{
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/ProductState')]
        public ProductState $state,
        #[OA\Property(description: 'As a person reads it.')]
        public string $label,
        #[OA\Property(description: 'Null: more is found than is counted.', type: 'integer', nullable: true)]
        public ?int $count,
    ) {}
}
