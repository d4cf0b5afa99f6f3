<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use App\Models\FileVersion;
use OpenApi\Attributes as OA;
use PaperKite\Download\FileSize;

#[OA\Schema(schema: 'FileVersion')]
final readonly class FileVersionResource
{
    private function __construct(
        #[OA\Property]
        public int $number,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'As people read it.')]
        public string $size,
        #[OA\Property(format: 'date-time')]
        public string $created_at,
        #[OA\Property(description: 'Whether who bought an earlier one gets it, too.')]
        public bool $is_for_earlier,
        #[OA\Property(description: 'SHA-256 in hexadecimal digits.')]
        public string $sha256,
    ) {}

    /** @param  FileVersion  $version  with what it is stored as */
    public static function of(FileVersion $version): self
    {
        return new self($version->number, $version->name, FileSize::shownOf($version->stored->bytes), $version->created_at->toIso8601ZuluString(), $version->is_for_earlier, (string) $version->stored->sha256);
    }
}
