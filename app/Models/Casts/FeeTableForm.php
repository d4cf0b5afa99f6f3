<?php

declare(strict_types=1);

namespace App\Models\Casts;

use OpenApi\Attributes as OA;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Quote\ShippingBand;
use PaperKite\Quote\ShippingMeasure;
use PaperKite\Quote\ShippingTable;

#[OA\Schema(schema: 'FeeTable')]
final readonly class FeeTableForm
{
    /** @param  list<array{from: int|string, fee: string}>  $bands */
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/ShippingMeasure')]
        public ShippingMeasure $by,
        #[OA\Property(oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'number'), new OA\Schema(type: 'null')])]
        public int|string|null $limit,
        #[OA\Property(type: 'array', items: new OA\Items(required: ['from', 'fee'], properties: [
            new OA\Property(property: 'from', oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'number')]),
            new OA\Property(property: 'fee', type: 'string'),
        ], type: 'object'))]
        public array $bands,
    ) {}

    public static function of(ShippingTable $table, Currency $currency): self
    {
        $measured = static fn (int $amount): int|string => $table->by === ShippingMeasure::Total ? Money::ofMinor($amount, $currency)->decimal() : $amount;

        return new self(
            $table->by,
            $table->limit === null ? null : $measured($table->limit),
            array_map(static fn (ShippingBand $band): array => ['from' => $measured($band->from), 'fee' => $band->fee->decimal()], $table->bands),
        );
    }
}
