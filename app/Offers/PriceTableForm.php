<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\Placement;
use App\Models\PriceTable;
use OpenApi\Attributes as OA;

/** Which offers stand side by side, and which of them stands out: a price table as its form holds it. */
#[OA\Schema(schema: 'PriceTableEntry')]
final readonly class PriceTableForm
{
    /** @param  list<int>  $offers */
    private function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'Two to four, from the first column to the last.', type: 'array', items: new OA\Items(type: 'integer'))]
        public array $offers,
        #[OA\Property(description: 'The offer whose column stands out; null: none.')]
        public ?int $stressed,
    ) {}

    /** @param  PriceTable  $table  with its columns */
    public static function of(PriceTable $table): self
    {
        return new self(
            $table->name,
            array_values($table->columns->map(static fn (Placement $column): int => $column->offer_id)->all()),
            $table->columns->firstWhere('is_stressed', true)?->offer_id,
        );
    }
}
