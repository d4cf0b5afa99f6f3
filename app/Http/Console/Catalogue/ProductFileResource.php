<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use App\Downloads\EarlierBuyers;
use App\Models\FileVersion;
use App\Models\ProductFile;
use OpenApi\Attributes as OA;
use PaperKite\Download\FileSize;

#[OA\Schema(schema: 'ProductFile', description: 'A file that a product is sold with.')]
final readonly class ProductFileResource
{
    /** @param  list<FileVersionResource>  $versions */
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'As people read it.', example: '4.2 MB')]
        public string $size,
        #[OA\Property(description: 'That is sold now, from 1.')]
        public int $version,
        #[OA\Property(description: 'The last first.', type: 'array', items: new OA\Items(ref: FileVersionResource::class))]
        public array $versions,
        #[OA\Property(description: 'Whether its first pages can be shown as a sample.')]
        public bool $has_pages,
        #[OA\Property(description: 'Buyers who would be told of a new version.')]
        public int $buyers,
    ) {}

    /** @param  ProductFile  $file  with its versions and what they are stored as */
    public static function of(ProductFile $file): self
    {
        $now = $file->current();

        return new self(
            $file->id,
            $now->name,
            FileSize::shownOf($now->stored->bytes),
            $file->version,
            array_values($file->versions->reverse()->map(static fn (FileVersion $version): FileVersionResource => FileVersionResource::of($version))->all()),
            str_ends_with(strtolower($now->name), '.pdf'),
            EarlierBuyers::of($file->id, $file->version + 1)->count(),
        );
    }
}
