<?php

declare(strict_types=1);

namespace App\Http\Console\Displays;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'DisplayPlaceList')]
final readonly class DisplayPlaceListResource
{
    /** @param  list<DisplayPlaceResource>  $items */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: DisplayPlaceResource::class))]
        public array $items,
    ) {}
}
