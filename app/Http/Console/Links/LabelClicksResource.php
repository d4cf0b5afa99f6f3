<?php

declare(strict_types=1);

namespace App\Http\Console\Links;

use App\Http\Console\Shared\Page;
use App\Http\Console\Shared\TraceResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'LabelClicks')]
final readonly class LabelClicksResource
{
    /** @param  list<TraceResource>  $items */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: TraceResource::class))]
        public array $items,
        #[OA\Property]
        public Page $at,
    ) {}
}
