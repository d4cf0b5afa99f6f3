<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\LeadPicture;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'StoryPicture')]
final readonly class StoryPicture
{
    private function __construct(
        #[OA\Property(description: 'A whole address.')]
        public string $src,
        #[OA\Property]
        public string $alt,
        #[OA\Property(description: 'In px; 0: it takes what room there is.')]
        public int $width,
        #[OA\Property(description: 'In px; 0: it takes what room there is.')]
        public int $height,
    ) {}

    /**
     * @param  string  $base  the shop's origin
     * @param  string|null  $alt  `null`: its own
     */
    public static function of(LeadPicture $picture, string $base, ?string $alt = null): self
    {
        return new self($base.$picture->path, $alt ?? $picture->alt, $picture->width ?? 0, $picture->height ?? 0);
    }
}
