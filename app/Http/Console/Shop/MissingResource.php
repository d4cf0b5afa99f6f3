<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use OpenApi\Attributes as OA;
use PaperKite\Checkout\Missing;

#[OA\Schema(schema: 'Missing')]
final readonly class MissingResource
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/MissingKey')]
        public Missing $key,
        #[OA\Property]
        public string $what,
        #[OA\Property]
        public string $why,
        #[OA\Property(description: 'Whether nothing can be sold without it.')]
        public bool $stands_in_the_way,
    ) {}

    public static function of(Missing $missing): self
    {
        return new self($missing, $missing->what(), $missing->why(), $missing->standsInTheWay());
    }
}
