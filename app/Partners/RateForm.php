<?php

declare(strict_types=1);

namespace App\Partners;

use App\Models\CommissionRate;
use OpenApi\Attributes as OA;

/** What a marketplace pays of a sale, as its form holds it. */
#[OA\Schema(schema: 'RateEntry', description: 'As typed.')]
final readonly class RateForm
{
    private function __construct(
        #[OA\Property(description: 'As the marketplace calls it; blank: all that have no rate of their own.')]
        public string $category,
        #[OA\Property(description: 'In hundredths.')]
        public string $rate,
        #[OA\Property(description: 'The first day, ISO 8601; blank: always before the last.')]
        public string $from,
        #[OA\Property(description: 'The last day; blank: until another is entered.')]
        public string $until,
    ) {}

    public static function of(CommissionRate $rate): self
    {
        return new self($rate->category, $rate->percent, $rate->from_day?->toDateString() ?? '', $rate->until_day?->toDateString() ?? '');
    }
}
