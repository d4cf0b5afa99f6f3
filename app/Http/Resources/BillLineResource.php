<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'BillLine')]
final readonly class BillLineResource
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $sku,
        #[OA\Property]
        public string $picture_path,
        #[OA\Property]
        public int $quantity,
        #[OA\Property]
        public Amount $unit,
        #[OA\Property]
        public Amount $subtotal,
    ) {}
}
