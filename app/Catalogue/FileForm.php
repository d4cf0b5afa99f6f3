<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\ProductFile;
use OpenApi\Attributes as OA;

/** A file as the form of the product holds it that is sold with it. */
#[OA\Schema(schema: 'FileEntry')]
final readonly class FileForm
{
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property(description: 'SKU of the variant that it belongs to, as this form spells it; blank: every one.')]
        public string $variant,
    ) {}

    /** @param  ProductFile  $file  with its variant */
    public static function of(ProductFile $file): self
    {
        return new self($file->id, $file->variant->sku ?? '');
    }
}
