<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use App\Catalogue\ProductState;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ProductStates')]
final readonly class ProductStatesResource
{
    /** @param  list<ProductStateCountResource>  $items */
    private function __construct(
        #[OA\Property(description: 'Each state, in the order in which they are shown.', type: 'array', items: new OA\Items(ref: ProductStateCountResource::class))]
        public array $items,
    ) {}

    /** @param  array<string, int>|null  $counts  by state, where there are any; `null` where they are not counted */
    public static function of(?array $counts): self
    {
        return new self(array_map(static fn (ProductState $state): ProductStateCountResource => new ProductStateCountResource($state, $state->label(), $counts === null ? null : $counts[$state->value] ?? 0), ProductState::cases()));
    }
}
