<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\PriceTable;
use OpenApi\Attributes as OA;

/** Which offers stand side by side, what is said of each, and which of them stands out: a price table as its form holds it. */
#[OA\Schema(schema: 'PriceTableEntry')]
final readonly class PriceTableForm
{
    /** @param  list<PriceTableColumnForm>  $columns */
    private function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'Two to four, from the first to the last.', type: 'array', items: new OA\Items(ref: PriceTableColumnForm::class))]
        public array $columns,
        #[OA\Property(description: 'The offer whose column stands out; null: none.')]
        public ?int $stressed,
        #[OA\Property(description: 'What stands above the column that stands out; blank: nothing.')]
        public string $badge,
    ) {}

    /** @param  PriceTable  $table  with its columns */
    public static function of(PriceTable $table): self
    {
        return new self(
            $table->name,
            array_values($table->columns->map(PriceTableColumnForm::of(...))->all()),
            $table->columns->firstWhere('is_stressed', true)?->offer_id,
            $table->badge,
        );
    }
}
