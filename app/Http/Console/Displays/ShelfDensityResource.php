<?php

declare(strict_types=1);

namespace App\Http\Console\Displays;

use OpenApi\Attributes as OA;
use PaperKite\Shopfront\ShelfDensity;

#[OA\Schema(schema: 'ShelfDensityChoice', description: 'How close the goods of a shelf stand.')]
final readonly class ShelfDensityResource
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/ShelfDensity')]
        public ShelfDensity $value,
        #[OA\Property]
        public string $label,
    ) {}

    public static function of(ShelfDensity $density): self
    {
        return new self($density, $density->label());
    }
}
