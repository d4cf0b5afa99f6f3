<?php

declare(strict_types=1);

namespace App\Http\Console\Shared;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Trace', description: 'How often something was clicked on each of the last 30 days of the shop.')]
final readonly class TraceResource
{
    /** @param  list<int>  $trace */
    public function __construct(
        #[OA\Property(description: 'What was clicked; blank: labels that found no room.')]
        public string $name,
        #[OA\Property(description: 'The oldest first.', type: 'array', items: new OA\Items(type: 'integer'))]
        public array $trace,
    ) {}
}
