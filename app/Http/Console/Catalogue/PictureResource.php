<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use App\Models\Picture;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Picture')]
final readonly class PictureResource
{
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $path,
        #[OA\Property(description: 'What it shows, for whoever can’t see it.')]
        public string $alt,
    ) {}

    public static function of(Picture $picture): self
    {
        return new self($picture->id, $picture->path(), $picture->alt);
    }
}
