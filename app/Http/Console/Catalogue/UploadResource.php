<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use App\Models\StoredFile;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Upload', description: 'A file that comes in parts, and how far it has come.')]
final readonly class UploadResource
{
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public int $bytes,
        #[OA\Property(description: 'Where the next part begins, in bytes.')]
        public int $received,
        #[OA\Property(description: 'Of the part that comes next, in bytes; 0: it is whole.')]
        public int $next_part,
        #[OA\Property(description: 'SHA-256 in hexadecimal digits; null while it comes.')]
        public ?string $sha256,
    ) {}

    public static function of(StoredFile $file): self
    {
        return new self($file->id, $file->name, $file->bytes, $file->received, $file->nextPart(), $file->sha256);
    }
}
