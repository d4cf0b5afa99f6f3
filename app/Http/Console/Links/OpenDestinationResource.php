<?php

declare(strict_types=1);

namespace App\Http\Console\Links;

use OpenApi\Attributes as OA;
use PaperKite\Link\OpenDestination;

#[OA\Schema(schema: 'OpenDestinationChoice')]
final readonly class OpenDestinationResource
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/OpenDestination')]
        public OpenDestination $value,
        #[OA\Property]
        public string $meaning,
    ) {}

    public static function of(OpenDestination $destination): self
    {
        return new self($destination, $destination->meaning());
    }
}
