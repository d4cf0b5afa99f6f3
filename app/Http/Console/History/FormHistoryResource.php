<?php

declare(strict_types=1);

namespace App\Http\Console\History;

use App\Http\Console\Shared\Page;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'FormHistory')]
final readonly class FormHistoryResource
{
    /** @param  list<FormVersionResource>  $items */
    public function __construct(
        #[OA\Property(description: 'The last first.', type: 'array', items: new OA\Items(ref: FormVersionResource::class))]
        public array $items,
        #[OA\Property]
        public Page $at,
    ) {}
}
