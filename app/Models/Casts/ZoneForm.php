<?php

declare(strict_types=1);

namespace App\Models\Casts;

use OpenApi\Attributes as OA;
use PaperKite\Money\Currency;
use PaperKite\Quote\ShippingZone;

#[OA\Schema(schema: 'ZoneEntry')]
final readonly class ZoneForm
{
    /** @param  list<string>  $countries */
    private function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $countries,
        #[OA\Property]
        public ?string $free_from,
        #[OA\Property(oneOf: [new OA\Schema(ref: FeeTableForm::class), new OA\Schema(type: 'null')])]
        public ?FeeTableForm $table,
    ) {}

    public static function of(ShippingZone $zone, Currency $currency): self
    {
        return new self($zone->name, $zone->countries, $zone->freeFrom?->decimal(), $zone->table === null ? null : FeeTableForm::of($zone->table, $currency));
    }
}
