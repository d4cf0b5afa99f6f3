<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ExampleList')]
final readonly class ExampleListResource
{
    /** @param  list<ExampleResource>  $items */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: ExampleResource::class))]
        public array $items,
    ) {}
}
