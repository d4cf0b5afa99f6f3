<?php

declare(strict_types=1);

namespace App\Http\Console\Displays;

use App\Http\Console\Shared\Page;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ShelfList')]
final readonly class ShelfListResource
{
    /** @param  list<ShelfResource>  $items */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: ShelfResource::class))]
        public array $items,
        #[OA\Property]
        public Page $at,
    ) {}
}
