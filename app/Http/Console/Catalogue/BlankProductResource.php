<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use App\Catalogue\ProductForm;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'BlankProduct')]
final readonly class BlankProductResource
{
    public function __construct(
        #[OA\Property]
        public ProductForm $entry,
    ) {}
}
