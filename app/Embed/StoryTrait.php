<?php

declare(strict_types=1);

namespace App\Embed;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'StoryTrait', description: 'Something that goods are told by, such as where they come from.')]
final readonly class StoryTrait
{
    /** @param  list<string>  $values */
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $values,
    ) {}
}
