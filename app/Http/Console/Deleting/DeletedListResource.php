<?php

declare(strict_types=1);

namespace App\Http\Console\Deleting;

use App\Deleting\Deleted;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'DeletedList')]
final readonly class DeletedListResource
{
    /** @param  list<DeletedResource>  $items */
    private function __construct(
        #[OA\Property(description: 'What was deleted last first.', type: 'array', items: new OA\Items(ref: DeletedResource::class))]
        public array $items,
    ) {}

    /** @param  list<Deleted>  $deleted */
    public static function of(array $deleted): self
    {
        return new self(array_map(DeletedResource::of(...), $deleted));
    }
}
