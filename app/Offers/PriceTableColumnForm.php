<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\Placement;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PriceTableColumnEntry')]
final readonly class PriceTableColumnForm
{
    private function __construct(
        #[OA\Property]
        public int $offer_id,
        #[OA\Property(description: 'What the column is called; blank: what it sells.')]
        public string $name,
        #[OA\Property(description: 'Up to six lines; a blank one keeps its row free.')]
        public string $text,
    ) {}

    public static function of(Placement $column): self
    {
        return new self($column->offer_id, $column->column_name, $column->column_text);
    }
}
