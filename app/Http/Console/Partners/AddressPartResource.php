<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use OpenApi\Attributes as OA;
use PaperKite\Partner\AddressPart;

#[OA\Schema(schema: 'AddressPart')]
final readonly class AddressPartResource
{
    private function __construct(
        #[OA\Property]
        public string $part,
        #[OA\Property]
        public string $value,
        #[OA\Property(description: 'What it is, and what becomes of it.')]
        public string $meaning,
        #[OA\Property(description: 'Whether it is in the address that comes out.')]
        public bool $stays,
    ) {}

    public static function of(AddressPart $part): self
    {
        return new self($part->part, $part->value, $part->meaning, $part->stays);
    }
}
