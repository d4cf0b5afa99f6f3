<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use OpenApi\Attributes as OA;
use PaperKite\Quote\ShippingBand;
use PaperKite\Quote\ShippingTable;
use PaperKite\Quote\ShippingWords;
use PaperKite\Words\Said;
use PaperKite\Words\Wording;

#[OA\Schema(schema: 'FeeStep', description: 'A step of a shipping table, to be drawn.')]
final readonly class FeeStepResource
{
    private function __construct(
        #[OA\Property(description: 'Where it begins, in minor units, grams or pieces.')]
        public int $from,
        #[OA\Property(description: 'In minor units.')]
        public int $fee,
        #[OA\Property]
        public string $from_shown,
        #[OA\Property]
        public string $fee_shown,
    ) {}

    /** @return list<self> */
    public static function listOf(ShippingTable $table): array
    {
        return array_map(static fn ($band): self => new self(
            $band->from,
            $band->fee->minor,
            self::measured($table, $band),
            $band->fee->shown(),
        ), $table->bands);
    }

    private static function measured(ShippingTable $table, ShippingBand $band): string
    {
        $from = ShippingWords::measured($table->by, $band->from, $band->fee->currency);

        return $from instanceof Said ? $from->in(Wording::english()) : $from->shown();
    }
}
