<?php

declare(strict_types=1);

namespace App\Http\Console\History;

use OpenApi\Attributes as OA;
use PaperKite\Edit\FieldChange;

#[OA\Schema(schema: 'Clash', description: 'A field of which two people made something else.')]
final readonly class ClashResource
{
    /** @param  list<string>  $path */
    private function __construct(
        #[OA\Property(description: 'From the whole form to the field.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $path,
        #[OA\Property]
        public string $label,
        #[OA\Property(description: 'As it is saved now.')]
        public string $theirs,
        #[OA\Property(description: 'As it was to be saved.')]
        public string $mine,
    ) {}

    /** @param  array{string, string}  $said */
    public static function of(FieldChange $clash, array $said): self
    {
        return new self($clash->path, $clash->label(), $said[0], $said[1]);
    }
}
