<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use DateTimeZone;
use OpenApi\Attributes as OA;
use PaperKite\Catalogue\PriceStretch;
use PaperKite\Words\Wording;

#[OA\Schema(schema: 'PriceStretch', description: 'A stretch of time over which the price stays the same.')]
final readonly class PriceStretchResource
{
    private function __construct(
        #[OA\Property]
        public string $price,
        #[OA\Property(description: 'As the shop’s clock shows it; null where it has no beginning.')]
        public ?string $from,
        #[OA\Property]
        public bool $is_now,
        #[OA\Property]
        public bool $is_sale,
    ) {}

    public static function of(PriceStretch $stretch, DateTimeZone $zone): self
    {
        return new self($stretch->price->shown(), $stretch->from === null ? null : Wording::english()->dates()->dateAndTime($stretch->from, $zone), $stretch->isNow, $stretch->isSale);
    }
}
