<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'MovedOrders')]
final readonly class MovedResource
{
    /** @param  list<StayedResource>  $stayed */
    private function __construct(
        #[OA\Property(description: 'How many orders are so now.')]
        public int $moved,
        #[OA\Property(type: 'array', items: new OA\Items(ref: StayedResource::class))]
        public array $stayed,
    ) {}

    /** @param  array<int, string>  $stayed  why, by number */
    public static function of(int $asked, array $stayed): self
    {
        return new self($asked - count($stayed), array_map(static fn (int $number, string $why) => new StayedResource($number, $why), array_keys($stayed), $stayed));
    }
}
