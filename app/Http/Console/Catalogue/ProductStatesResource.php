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

    /** @param  array<mixed>  $byDraft  counts, by whether they are drafts */
    public static function of(array $byDraft, int $due): self
    {
        return new self(array_map(static function (ProductState $state) use ($byDraft, $due): ProductStateCountResource {
            $count = match ($state) {
                ProductState::ForSale => $byDraft[0] ?? 0,
                ProductState::Draft => $byDraft[1] ?? 0,
                ProductState::TextDue => $due,
            };

            return new ProductStateCountResource($state, $state->label(), is_numeric($count) ? (int) $count : 0);
        }, ProductState::cases()));
    }
}
