<?php

declare(strict_types=1);

namespace App\Http\Console\Session;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ShopName')]
final readonly class ShopNameResource
{
    public function __construct(
        #[OA\Property]
        public string $slug,
        #[OA\Property]
        public string $name,
    ) {}
}
