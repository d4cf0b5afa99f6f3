<?php

declare(strict_types=1);

namespace App\Http\Console\Looks;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'LookList')]
final readonly class LookListResource
{
    /** @param  list<LookResource>  $items */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: LookResource::class))]
        public array $items,
    ) {}
}
