<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PhraseGroup', description: 'Where phrases are read.')]
final readonly class PhraseGroupResource
{
    /** @param  list<PhraseResource>  $phrases */
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $label,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PhraseResource::class))]
        public array $phrases,
    ) {}
}
